import { describe, expect, it } from "vitest";
import { effectsOf, findingsOf } from "../../testing/findings";
import { sample, sampleClient, sampleLook } from "../../testing/sample";
import { join } from "./join";
import { nearBlack } from "./near-black";
import { nearWhite } from "./near-white";

const white = "#f7f9fb";
const oyster = "#eee3c9";
const top = (hex: string, finish: "matte smooth" | "knit" = "matte smooth") =>
  sample("top", { name: "top", hex, finish, figures: { tucked: true } });
const bottom = (hex: string) => sample("trousers", { name: "bottom", hex });

describe("two whites side by side", () => {
  const tunicAndCulottes = { garments: [top(white), bottom(oyster)] };

  it("jar where they touch, and the creamier is named", () => {
    const [finding] = findingsOf(nearWhite, sampleLook(tunicAndCulottes));
    expect(finding).toMatchObject({ effect: "jars", names: { creamy: "bottom", white: "top" } });
    expect(finding?.figures.yellowness?.value).toBeGreaterThan(6);
    expect(finding?.figures.yellowness?.limit).toEqual({ least: null, most: 6 });
  });

  it("are both meant when a woven sand belt lies between", () => {
    const sand = sample("belt", { name: "sand belt", hex: "#c9b48f", finish: "raffia" });
    expect(effectsOf(nearWhite, sampleLook({ ...tunicAndCulottes, accessories: [sand] }))).toEqual(["lifts"]);
  });

  it("are both meant when another piece holds both", () => {
    const scarf = sample("scarf", {
      name: "scarf",
      swatches: [
        { hex: white, share: 0.5, role: "ground" },
        { hex: oyster, share: 0.5, role: "motif" },
      ],
    });
    expect(effectsOf(nearWhite, sampleLook({ ...tunicAndCulottes, accessories: [scarf] }))).toEqual([
      "lifts",
    ]);
  });

  it("are not helped by a smooth white belt", () => {
    const belt = sample("belt", { name: "belt", hex: "#f4f2ec" });
    expect(effectsOf(nearWhite, sampleLook({ ...tunicAndCulottes, accessories: [belt] }))).toEqual(["jars"]);
  });

  it("are one white when they are near enough, or not white at all", () => {
    expect(effectsOf(nearWhite, sampleLook({ garments: [top(white), bottom("#f5f6f8")] }))).toEqual([]);
    expect(effectsOf(nearWhite, sampleLook({ garments: [top(white), bottom("#8d9096")] }))).toEqual([]);
  });

  it("follow a parameter that the rule book sets", () => {
    const ruleBook = { ...sampleClient.ruleBook, params: { "colour.near-white": { most: 40 } } };
    expect(
      effectsOf(nearWhite, sampleLook({ ...tunicAndCulottes, client: { ...sampleClient, ruleBook } })),
    ).toEqual([]);
  });
});

describe("two darks side by side", () => {
  it("jar when navy lies on black and neither is met again", () => {
    expect(effectsOf(nearBlack, sampleLook({ garments: [top("#141416"), bottom("#1d2742")] }))).toEqual([
      "jars",
    ]);
  });

  it("pass when each is met again elsewhere", () => {
    const accessories = [
      sample("bag", { name: "bag", hex: "#141416" }),
      sample("shoe", { name: "shoe", hex: "#1d2742" }),
    ];
    const effects = effectsOf(
      nearBlack,
      sampleLook({ garments: [top("#141416"), bottom("#1d2742")], accessories }),
    );
    expect(effects).not.toContain("jars");
  });
});

describe("where top and bottom meet", () => {
  it("is unresolved between a middling grey and a middling olive, and resolved by a belt", () => {
    const garments = [top("#8b857c"), bottom("#7f8466")];
    expect(effectsOf(join, sampleLook({ garments }))).toEqual(["rubs"]);
    const belt = sample("belt", { name: "belt", hex: "#20242f" });
    expect(effectsOf(join, sampleLook({ garments, accessories: [belt] }))).toEqual(["lifts"]);
  });

  it("is left alone in a look that is one family by intent", () => {
    expect(effectsOf(join, sampleLook({ garments: [top("#8a8d91"), bottom("#7b7f84")] }))).toEqual([]);
  });

  it("needs no belt across a clear contrast", () => {
    expect(effectsOf(join, sampleLook({ garments: [top(white), bottom("#3c3e43")] }))).toEqual(["lifts"]);
  });
});
