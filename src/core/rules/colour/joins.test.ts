import { describe, expect, it } from "vitest";
import type { Piece } from "../../piece/piece";
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
    expect(finding?.figures.yellowness?.limit).toEqual({ least: null, most: 4 });
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

  it("rub before they jar, and are joined by a print that has the other's white", () => {
    const near = { garments: [top(white), bottom("#f6f4ee")] };
    expect(effectsOf(nearWhite, sampleLook(near))).toEqual(["rubs"]);
    const print = (motif: string) =>
      sample("top", {
        name: "top",
        pattern: "floral",
        swatches: [
          { hex: white, share: 0.6, role: "ground" },
          { hex: motif, share: 0.4, role: "motif" },
        ],
        figures: { tucked: true },
      });
    expect(effectsOf(nearWhite, sampleLook({ garments: [print("#2450c0"), bottom(oyster)] }))).toEqual([]);
    expect(effectsOf(nearWhite, sampleLook({ garments: [print(oyster), bottom(oyster)] }))).toEqual([
      "lifts",
    ]);
  });

  it("are joined by tan met in three kinds of accessory, never by the foot alone", () => {
    const tan = (kind: "belt" | "bag" | "shoe") => sample(kind, { name: kind, hex: "#7a4a2b" }) as Piece;
    const shoesOnly = sampleLook({ ...tunicAndCulottes, accessories: [tan("shoe")] });
    expect(effectsOf(nearWhite, shoesOnly)).toEqual(["jars"]);
    const met = sampleLook({
      ...tunicAndCulottes,
      accessories: [tan("bag"), tan("shoe"), sample("hat", { name: "hat", hex: "#7a4a2b" })],
    });
    expect(effectsOf(nearWhite, met)).toEqual(["lifts"]);
  });

  it("are no whites when one is a blush or a pale blue", () => {
    expect(effectsOf(nearWhite, sampleLook({ garments: [top("#cfe0ee"), bottom(oyster)] }))).toEqual([]);
    expect(effectsOf(nearWhite, sampleLook({ garments: [top("#f1d8d2"), bottom(white)] }))).toEqual([]);
  });

  it("are one white when they are near enough, or not white at all", () => {
    expect(effectsOf(nearWhite, sampleLook({ garments: [top(white), bottom("#f5f6f8")] }))).toEqual([]);
    expect(effectsOf(nearWhite, sampleLook({ garments: [top(white), bottom("#8d9096")] }))).toEqual([]);
  });

  it("follow a parameter that the rule book sets", () => {
    const ruleBook = { ...sampleClient.ruleBook, params: { "colour.near-white": { least: 40 } } };
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

  it("needs no belt across a clear contrast, which is no merit of its own", () => {
    expect(effectsOf(join, sampleLook({ garments: [top(white), bottom("#3c3e43")] }))).toEqual(["note"]);
  });
});
