import { describe, expect, it } from "vitest";
import type { Piece, PieceOf } from "../../piece/piece";
import type { Schools } from "../../rule-book/schools";
import { effectsOf, findingsOf } from "../../testing/findings";
import { sample, sampleClient, sampleClientWith, sampleLook, sampleOccasion } from "../../testing/sample";
import { bootSock } from "../comfort/boot-sock";
import { hosieryColour } from "./colour";
import { cover } from "./cover";
import { edge } from "./edge";
import { ladder } from "../care/ladder";
import { opacity } from "./opacity";
import { shape } from "./shape";

const hosiery = (
  form: PieceOf<"hosiery">["figures"]["form"],
  denier: number,
  hex = "#20242f",
  name = "hosiery",
) => sample("hosiery", { name, hex, figures: { form, denier } });
const loafers = sample("shoe", { name: "loafers", hex: "#20242f", figures: { form: "loafer" } });
const level = (centre: number) => ({ low: 1, centre, high: 9 });
/** A knee-length dress at a level: the leg between shoe and hem is seen. */
const dressed = (at: number, ...accessories: Piece[]) =>
  sampleLook({
    garments: [
      sample("dress", {
        name: "dress",
        hex: "#6b1f2f",
        register: level(at),
        figures: { length: 100, cut: "pencil" },
      }),
    ],
    accessories,
  });

describe("where a sock ends", () => {
  // The body is 174 cm: a low shoe's topline lies 6.3 cm up, an ankle sock ends at 11.3, a crew sock at 21.8.
  const cropped = sample("trousers", { name: "trousers", figures: { inseam: 66 } });
  const look = (sock: Piece, schools: Partial<Schools> = {}, ...more: Piece[]) =>
    sampleLook({
      client: sampleClientWith({}, schools),
      garments: [cropped, ...more],
      accessories: [loafers, sock],
    });

  it("hides a liner, rubs on a sock that shows whole, and jars on a tab", () => {
    expect(effectsOf(edge, look(hosiery("liner", 120)))).toEqual([]);
    expect(effectsOf(edge, look(hosiery("ankle sock", 120)))).toEqual(["rubs"]);
    const tight = {
      ...look(hosiery("ankle sock", 120)),
      client: {
        ...sampleClientWith({}, {}),
        measured: { ...sampleClient.measured, height: 100, crotch: 47 },
      },
    };
    expect(
      effectsOf(edge, { ...tight, garments: [sample("trousers", { figures: { inseam: 30 } })] }),
    ).toEqual(["jars"]);
  });

  it("shown on purpose, wants five centimetres and an answer", () => {
    const shown = { socks: "shown on purpose" } as const;
    const mustard = hosiery("crew sock", 200, "#c4922f");
    expect(effectsOf(edge, look(mustard, shown))).toEqual(["rubs"]);
    const shirt = sample("top", { name: "shirt", hex: "#c4922f" });
    const [finding] = findingsOf(edge, look(mustard, shown, shirt));
    expect(finding).toMatchObject({ effect: "lifts", names: { answer: "shirt" } });
    expect(finding?.figures.visible?.value).toBeGreaterThanOrEqual(5);
    expect(effectsOf(edge, look(hosiery("ankle sock", 200, "#c4922f"), shown, shirt))).toEqual(["lifts"]);
  });
});

describe("the sock in a boot", () => {
  const boots = (shaft: number) =>
    sample("shoe", { name: "boots", figures: { form: "boot", shaft, shaftTop: 36 } });

  it.each([
    [27.8, []],
    [38, ["rubs"]],
    [20, ["rubs"]],
    [12, []],
  ])("of a %d cm shaft, 27.8 cm tall: %j", (shaft, effects) => {
    expect(
      effectsOf(bootSock, sampleLook({ accessories: [boots(shaft), hosiery("boot sock", 300)] })),
    ).toEqual(effects);
  });
});

describe("how sheer the hosiery is", () => {
  it.each([
    [7.5, 12, []],
    [7.5, 90, ["rubs"]],
    [5.5, 40, []],
    [3, 15, ["rubs"]],
    [3, 80, []],
  ] as const)("at level %d, %d den: %j", (at, denier, effects) => {
    const plain = { ...loafers, register: level(at) };
    expect(effectsOf(opacity, dressed(at, plain, hosiery("tights", denier)))).toEqual(effects);
  });

  it("is opaque in the cold, whatever the level", () => {
    const plain = { ...loafers, register: level(7.5) };
    const cold = {
      ...dressed(7.5, plain, hosiery("tights", 90)),
      occasion: { ...sampleOccasion, temperature: 2 },
    };
    expect(effectsOf(opacity, cold)).toEqual([]);
  });
});

describe("the colour of the leg", () => {
  it("that could be somebody's skin is no stripe where nobody has said the client's", () => {
    const unsaid = { ...sampleClient, colouring: { ...sampleClient.colouring, skin: null } };
    const said = (client: typeof sampleClient, hex: string) =>
      effectsOf(
        hosieryColour,
        sampleLook({
          client,
          garments: [sample("skirt", { hex: "#1d2742", figures: { length: 60 } })],
          accessories: [sample("shoe", { hex: "#17171a" }), sample("hosiery", { hex })],
        }),
      );
    expect(said(unsaid, "#5a3b26")).toEqual([]);
    expect(said(unsaid, "#bf2026")).toEqual(["rubs"]);
    const fair = { ...unsaid, colouring: { ...unsaid.colouring, skin: "#f1d8d2" } };
    expect(said(fair, "#5a3b26")).not.toEqual([]);
  });

  it("carries on the shoe, or is skin, or cuts a stripe", () => {
    expect(effectsOf(hosieryColour, dressed(6, loafers, hosiery("tights", 60, "#22262f")))).toEqual([
      "lifts",
    ]);
    expect(effectsOf(hosieryColour, dressed(6, loafers, hosiery("tights", 12, "#d4a982")))).toEqual([]);
    expect(effectsOf(hosieryColour, dressed(6, loafers, hosiery("tights", 60, "#2f7d43")))).toEqual(["rubs"]);
  });

  it("rubs when it is pale over a dark shoe", () => {
    expect(effectsOf(hosieryColour, dressed(6, loafers, hosiery("tights", 60, "#e8e8ec")))).toEqual(["rubs"]);
  });

  it("anchors a loud print when it is dark", () => {
    const print = sample("dress", {
      name: "print",
      pattern: "floral",
      statement: 2,
      swatches: [
        { hex: "#c4922f", share: 0.6, role: "ground" },
        { hex: "#2f7d43", share: 0.4, role: "motif" },
      ],
      figures: { length: 100 },
    });
    const look = sampleLook({
      garments: [print],
      accessories: [sample("shoe", { name: "shoe", hex: "#c4922f" }), hosiery("tights", 60, "#141416")],
    });
    expect(effectsOf(hosieryColour, look)).toEqual(["lifts"]);
  });
});

describe("hosiery under a hem", () => {
  it("is no garment: a top alone does not cover it", () => {
    const tunic = sample("top", { name: "tunic", figures: { length: 70 } });
    expect(effectsOf(cover, sampleLook({ garments: [tunic], accessories: [hosiery("tights", 90)] }))).toEqual(
      ["jars"],
    );
    expect(effectsOf(cover, dressed(5, hosiery("tights", 90)))).toEqual([]);
  });

  it("runs on best into a pointed or almond toe under a close skirt", () => {
    const toe = (shape: "pointed" | "round") => sample("shoe", { name: "pumps", figures: { toe: shape } });
    expect(effectsOf(shape, dressed(6, toe("pointed"), hosiery("tights", 20)))).toEqual(["lifts"]);
    expect(effectsOf(shape, dressed(6, toe("round"), hosiery("tights", 20)))).toEqual(["note"]);
  });

  it("is warned of a chain at hand's height when it is fine", () => {
    const chain = sample("bag", { name: "chain bag", figures: { strapMade: "chain" } });
    expect(effectsOf(ladder, dressed(6, chain, hosiery("tights", 15)))).toEqual(["note"]);
    expect(effectsOf(ladder, dressed(6, chain, hosiery("tights", 60)))).toEqual([]);
  });
});
