import { describe, expect, it } from "vitest";
import type { Adjustment } from "../piece/adjustment";
import type { Piece } from "../piece/piece";
import { tied } from "../testing/rule-cases/made";
import { sample, sampleClient, sampleLook } from "../testing/sample";
import { dress } from "./dress";

const trousers = sample("trousers", { id: "trousers", figures: { inseam: 73.5 } });
const skirt = (more: object = {}) => sample("skirt", { id: "skirt", figures: { length: 60, ...more } });
const gown = (more: object = {}) => sample("dress", { id: "dress", figures: { ...more } });
const top = sample("top", { id: "top", figures: { tucked: true } });
const coat = (closed: boolean, length = 100) => sample("coat", { id: "coat", figures: { closed, length } });
const cardigan = (closed: boolean) => sample("jacket", { id: "jacket", figures: { closed, length: 62 } });
const scarf = sample("scarf", { id: "scarf" });
const shoe = (more: object = {}) => sample("shoe", { id: "shoe", figures: { lift: 3, ...more } });
const tights = sample("hosiery", { id: "tights", figures: { form: "tights" } });
const socks = sample("hosiery", { id: "socks", figures: { form: "ankle sock" } });

const dressed = (garments: Piece[], accessories: Piece[] = [], adjustments: readonly Adjustment[] = []) =>
  dress(sampleLook({ garments, accessories, adjustments }));
/** Who touches whom, and where: "scarf on coat: neck". */
const touching = (...of: Parameters<typeof dressed>) =>
  dressed(...of).touches.map(({ upper, lower, join }) => `${upper.piece.id} on ${lower.piece.id}: ${join}`);

describe("what touches at the neck and down the front", () => {
  it("is the scarf with what is nearest to the face", () => {
    expect(touching([trousers, top], [scarf])).toContain("scarf on top: neck");
    expect(touching([gown()], [scarf])).toContain("scarf on dress: neck");
    expect(touching([trousers, top, coat(true)], [scarf])).toContain("scarf on coat: neck");
    expect(touching([trousers, top, coat(false)], [scarf])).toContain("scarf on coat: neck");
    expect(touching([trousers], [scarf]).filter((each) => each.endsWith("neck"))).toEqual([]);
  });

  it("is no scarf that is tied elsewhere: on the bag, at the wrist, in the hair, round the waist", () => {
    const bag = sample("bag", { id: "bag" });
    const { adjustments: atNeck } = tied("front point", { fold: "triangle" });
    expect(touching([trousers, top], [scarf, bag], atNeck)).toContain("scarf on top: neck");
    for (const tie of ["bow on the bag", "wrist wrap", "hair band", "sash"] as const) {
      const met = touching([trousers, top], [scarf, bag], tied(tie).adjustments);
      expect(met.filter((each) => each.startsWith("scarf"))).toEqual([]);
    }
  });

  it("is an open layer with what is under it, and a closed one with nothing down the front", () => {
    expect(touching([trousers, top, coat(false)])).toContain("coat on top: front");
    expect(touching([gown(), coat(false)])).toContain("coat on dress: front");
    expect(touching([trousers, top, coat(true)]).filter((each) => each.endsWith("front"))).toEqual([]);
  });

  it("is an open coat with the jacket under it", () => {
    expect(touching([trousers, top, cardigan(true), coat(false)])).toContain("coat on jacket: front");
    expect(touching([trousers, top, cardigan(false), coat(true)])).not.toContain("coat on jacket: front");
  });

  it("is at the height of the join", () => {
    const { touches, worn } = dressed([trousers, top, coat(false)], [scarf]);
    const extent = (id: string) =>
      worn.find(({ piece }) => piece.id === id)?.extent ?? { from: NaN, to: NaN };
    const at = (join: string) => touches.find((touch) => touch.join === join)?.at;
    expect(at("neck")).toBe(extent("scarf").from);
    expect(at("front")).toBe((extent("coat").from + extent("coat").to) / 2);
    expect(at("hem")).toBe(extent("coat").from);
    expect(at("waist")).toBe(extent("top").from);
  });
});

describe("what touches at the waist and the hem", () => {
  it("is the top with what is under it, unless a closed layer hides it", () => {
    expect(touching([trousers, top])).toEqual(["top on trousers: waist"]);
    expect(touching([trousers, top, coat(true)])).toEqual(["coat on trousers: hem"]);
    expect(touching([gown()])).toEqual([]);
  });

  it("has a belt between only at the waist", () => {
    const belt = sample("belt", { id: "belt" });
    const { touches } = dressed([trousers, top, coat(false)], [belt]);
    expect(touches.map(({ join, separator }) => [join, separator?.piece.id ?? null])).toEqual([
      ["front", null],
      ["hem", null],
      ["waist", "belt"],
    ]);
  });

  it("is a dress over trousers at its hem", () => {
    expect(touching([gown({ length: 90 }), trousers])).toContain("dress on trousers: hem");
  });
});

describe("what touches at the foot", () => {
  it("is the leg with a boot it meets, with tights to the hem, or with a shoe it falls on", () => {
    const boot = shoe({ form: "boot", shaft: 38, shaftTop: 40 });
    expect(touching([skirt({ length: 80 })], [shoe(), tights])).toEqual([
      "skirt on tights: hem",
      "tights on shoe: foot",
    ]);
    expect(touching([skirt()], [shoe(), socks])).toEqual(["socks on shoe: foot"]);
    expect(touching([skirt()], [shoe()])).toEqual([]);
    expect(touching([skirt()], [boot])).toEqual([]);
    const long = sample("trousers", { id: "trousers", figures: { inseam: 84 } });
    expect(touching([long], [shoe()])).toEqual(["trousers on shoe: foot"]);
    expect(touching([trousers], [])).toEqual([]);
  });

  it("is at the hem, at the shaft or at the edge of the shoe", () => {
    const { touches, worn, hem } = dressed([skirt({ length: 80 })], [shoe(), tights]);
    expect(touches.find(({ join }) => join === "hem")?.at).toBe(hem);
    const edge = worn.find(({ piece }) => piece.kind === "shoe")?.extent.to;
    expect(touches.find(({ join }) => join === "foot")?.at).toBe(edge);
  });
});

describe("what a bag lies against", () => {
  const bag = sample("bag", { id: "bag", figures: { carry: "hand", strap: 20 } });
  const behind = (garments: Piece[]) => touching(garments, [bag]).filter((each) => each.endsWith("landing"));

  it("is the outermost of what is seen where it comes to lie", () => {
    expect(behind([trousers, top])).toEqual(["bag on trousers: landing"]);
    expect(behind([trousers, top, coat(true)])).toEqual(["bag on coat: landing"]);
    expect(behind([trousers, top, cardigan(false), coat(false)])).toEqual(["bag on coat: landing"]);
    expect(behind([gown({ length: 100 })])).toEqual(["bag on dress: landing"]);
    expect(behind([top])).toEqual([]);
  });
});

describe("the hem and the leg under it", () => {
  it("is the lowest of what hangs, and of a look of tops alone none", () => {
    const { hem, worn } = dressed([skirt(), top]);
    expect(hem).toBe(worn.find(({ piece }) => piece.kind === "skirt")?.extent.from);
    expect(dressed([top]).hem).toBeNull();
    const both = dressed([gown({ length: 60 }), trousers]);
    expect(both.hem).toBe(both.worn.find(({ piece }) => piece.kind === "trousers")?.extent.from);
  });

  it("leaves the leg between shoe and hem, from the floor without a shoe", () => {
    const { bareLeg, hem, shoe: on } = dressed([skirt()], [shoe()]);
    expect(bareLeg).toEqual({ from: on?.extent.to, to: hem });
    expect(dressed([skirt()]).bareLeg).toMatchObject({ from: 0 });
    expect(dressed([top], [shoe()]).bareLeg).toBeNull();
    const long = sample("trousers", { figures: { inseam: 90 } });
    expect(dressed([long], [shoe()]).bareLeg).toBeNull();
  });

  it("shows none of a leg tucked into a boot", () => {
    const boot = shoe({ form: "boot", shaft: 38, shaftTop: 44 });
    const tuck: Adjustment = { kind: "tuck-into-boot", piece: "trousers" };
    const slim = sample("trousers", { id: "trousers", figures: { inseam: 60, opening: 30 } });
    expect(dressed([slim], [boot], [tuck]).bareLeg).toBeNull();
  });

  it("lifts by the heel, and not at all without a shoe", () => {
    expect(dressed([skirt()], [shoe({ lift: 7 })]).lift).toBe(7);
    expect(dressed([skirt()]).lift).toBe(0);
  });
});

describe("a skirt's hem", () => {
  it("is that of the skirt, or of the dress where there is none", () => {
    const { skirt: of, hem, body } = dressed([skirt({ cut: "pencil" }), top]);
    expect(of).toMatchObject({ garment: { id: "skirt" }, hem, close: true });
    expect(of?.overCalf).toBeCloseTo((hem ?? NaN) - body.measures.calfLine.cm, 9);
    expect(dressed([gown()]).skirt).toMatchObject({ garment: { id: "dress" } });
    expect(dressed([gown(), skirt()]).skirt).toMatchObject({ garment: { id: "skirt" } });
  });

  it("is close where it is cut so", () => {
    const close = (cut: string) => dressed([skirt({ cut })]).skirt?.close;
    expect([close("pencil"), close("straight"), close("A-line"), close("full")]).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });

  it("is none of trousers, and none where nothing hangs", () => {
    expect(dressed([trousers, gown({ length: 60 })]).skirt).toBeNull();
    expect(dressed([top]).skirt).toBeNull();
  });
});

describe("a dress under a skirt", () => {
  it("is a top, taken in at the waist", () => {
    const over = dressed([gown(), skirt()]);
    const place = (id: string) => over.worn.find(({ piece }) => piece.id === id)?.place;
    expect([place("dress"), place("skirt")]).toEqual(["top", "bottom"]);
    expect(dressed([gown()]).worn[0]?.place).toBe("whole");
    expect(over.tops.map(({ piece }) => piece.id)).toEqual(["dress"]);
  });
});

describe("who is dressed seated", () => {
  it("has hems that ride up", () => {
    const seated = { ...sampleClient, seated: true };
    const [sits, stands] = [seated, sampleClient].map(
      (client) => dress(sampleLook({ client, garments: [skirt(), top] })).hem ?? NaN,
    );
    expect(sits).toBeGreaterThan(stands ?? NaN);
  });
});
