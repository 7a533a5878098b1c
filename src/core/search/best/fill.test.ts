import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { slotOf, type Piece } from "../../piece/piece";
import { suffersInRain } from "../../place/rain";
import { read } from "../../reading/read";
import { coherenceOf } from "../../sets/coherence";
import { firstStock, templateOf, type SetTemplate } from "../../sets/template";
import { generatedWardrobe } from "../../testing/generated";
import { sample, sampleClient } from "../../testing/sample";
import { reachOf } from "../reach";
import { fillTemplate } from "./fill";

const kinds = ["shoe", "bag", "earrings", "necklace", "watch", "belt", "scarf", "hosiery", "hat"] as const;
/** Enough of each kind for every level; the made-up levels end at eight, so that some are raised. */
const stock = generatedWardrobe(kinds, 8, 11).map((piece, i) =>
  i % 6 === 0 ? { ...piece, register: { low: 7, centre: 8.5, high: 9 } } : piece,
);
const bases: Piece[][] = [
  [sample("dress", { name: "dress", hex: "#1d2742" })],
  [sample("skirt", { name: "skirt", hex: "#6b1f2f" }), sample("top", { name: "top", hex: "#efe6cf" })],
];

/** The template of a name, of those every studio begins with. */
function ready(name: string): SetTemplate {
  const template = firstStock.find((each) => each.name === name);
  if (!template) throw new Error(`no template is called ${name}`);
  return template;
}

describe("a template", () => {
  it.each(firstStock)("$name is filled with a set of its slots and levels", (template) => {
    const { pieces } = fillTemplate(template, sampleClient, stock, bases);
    const slots = pieces.map(slotOf);
    expect(pieces.length).toBeGreaterThanOrEqual(3);
    expect(slots).toContain("shoe");
    for (const slot of slots) expect([...template.wanted, ...template.optional]).toContain(slot);
    for (const piece of pieces) {
      const { register } = piece;
      expect(register?.centre).toBeGreaterThanOrEqual(template.from - 0.5);
      expect(register?.centre).toBeLessThanOrEqual(template.to + 0.5);
      expect(template.forRain && suffersInRain(piece)).toBe(false);
    }
  });

  it("says which bases its set serves, as they read with it", () => {
    const { pieces, serves } = fillTemplate(ready("Work"), sampleClient, stock, bases);
    const read = bases.flatMap((garments, i) =>
      reachOf({ client: sampleClient, garments, accessories: pieces, adjustments: [], occasion: null })
        .verdict === "jars"
        ? []
        : [i],
    );
    expect(serves).toEqual(read);
  });

  it("is filled with the set that takes most bases to its levels", () => {
    const quiet = { name: "shoe", register: { low: 3, centre: 4, high: 7 } };
    const town = (kind: "bag" | "watch", name: string) =>
      sample(kind, { name, register: { low: 3, centre: 4.5, high: 7 } }) as Piece;
    const work: SetTemplate = {
      ...ready("Work"),
      from: 4.5,
      to: 4.5,
      wanted: ["shoe", "bag"],
      optional: ["wrist"],
    };
    const own = [
      sample("shoe", { ...quiet, id: "low", name: "low shoe" }),
      sample("shoe", { id: "high", name: "high shoe", register: { low: 3, centre: 5, high: 7 } }),
      town("bag", "bag"),
      town("watch", "watch"),
    ];
    const low = [
      sample("dress", { name: "dress", hex: "#1d2742", register: { low: 2, centre: 3, high: 6 } }),
    ];
    const { pieces } = fillTemplate(work, sampleClient, own, [low]);
    expect(pieces.map(({ id }) => id)).toContain("high");
  });

  it("names what it wants and the client does not have, and fills the rest", () => {
    const without = (kind: string) => stock.filter((piece) => piece.kind !== kind);
    const noBag = fillTemplate(ready("Work"), sampleClient, without("bag"), bases);
    expect(noBag.missing).toEqual(["bag"]);
    expect(noBag.pieces.length).toBeGreaterThanOrEqual(3);
    expect(fillTemplate(ready("Work"), sampleClient, without("shoe"), bases)).toEqual({
      pieces: [],
      serves: [],
      missing: ["shoe"],
    });
    expect(fillTemplate(ready("Ceremony"), sampleClient, [], bases).missing).toEqual(["shoe"]);
  });

  it("never offers what the client's limits bar", () => {
    const client = { ...sampleClient, limits: { ...sampleClient.limits, heel: 2 } };
    const heels = stock.map((piece, i) =>
      piece.kind === "shoe" ? { ...piece, figures: { ...piece.figures, lift: i % 2 ? 8 : 1 } } : piece,
    );
    const { pieces } = fillTemplate(ready("Work"), client, heels, bases);
    expect(pieces.filter(({ kind }) => kind === "shoe")).toHaveLength(1);
    for (const piece of pieces) if (piece.kind === "shoe") expect(piece.figures.lift).toBe(1);
  });

  it.each([1, 2, 3, 4])(
    "made of a set takes that set's slots and levels, so that the set fits it: %i",
    () => {
      fc.assert(
        fc.property(fc.integer({ min: 1, max: 400 }), (seed) => {
          const set = generatedWardrobe(["shoe", "bag", "earrings", "belt"], 1, seed);
          const template = templateOf("like it", set);
          const { pieces, missing } = fillTemplate(template, sampleClient, set, []);
          expect(missing).toEqual([]);
          expect([...template.wanted, ...template.optional].sort()).toEqual(set.map(slotOf).sort());
          for (const piece of pieces) expect(set).toContain(piece);
          expect(template.forRain).toBe(!set.some(suffersInRain));
        }),
        { numRuns: 12 },
      );
    },
  );

  it.each([1, 2, 3, 4])(
    "is filled, where no base speaks, with a set that no exchange makes read better: %i",
    () => {
      const wanted = ["shoe", "bag", "earrings"] as const;
      const template: SetTemplate = { ...ready("Work"), from: 1, to: 9, wanted, optional: [] };
      const points = (accessories: readonly Piece[]) =>
        read({ client: sampleClient, garments: [], accessories, adjustments: [], occasion: null }).points;
      fc.assert(
        fc.property(fc.integer({ min: 1, max: 400 }), (seed) => {
          const wardrobe = generatedWardrobe(wanted, 4, seed);
          const { pieces } = fillTemplate(template, sampleClient, wardrobe, []);
          const filled = points(pieces);
          for (const other of wardrobe) {
            const exchanged = pieces.map((piece) => (slotOf(piece) === slotOf(other) ? other : piece));
            expect(points(exchanged)).toBeLessThanOrEqual(filled);
          }
        }),
        { numRuns: 10 },
      );
    },
  );

  it("for the weather stands on wet stone and in the wind", () => {
    const shoe = (name: string, figures: object) => sample("shoe", { name, figures });
    const offered = [
      shoe("stilettos", { tip: "stiletto", lift: 8 }),
      shoe("smooth soles", { form: "loafer", leather: true }),
      sample("shoe", { name: "suede", finish: "suede" }),
      sample("hat", { name: "wide brim", figures: { brim: 12 } }),
      sample("hat", { name: "beret", figures: { form: "beret" } }),
      sample("bag", { name: "bag" }),
      sample("belt", { name: "belt" }),
    ];
    const boots = shoe("boots", { form: "boot", shaft: 14, shaftTop: 30, soleBulk: "heavy" });
    expect(fillTemplate(ready("Weather"), sampleClient, offered, bases).missing).toEqual(["shoe"]);
    const { pieces } = fillTemplate(ready("Weather"), sampleClient, [...offered, boots], bases);
    expect(pieces.map(({ name }) => name)).toContain("boots");
    expect(pieces.map(({ name }) => name)).not.toContain("wide brim");
  });

  it("prefers what serves more bases, then what agrees better", () => {
    const clashing = sample("shoe", {
      name: "clashing",
      hex: "#1d2742",
      register: { low: 3, centre: 3.5, high: 4 },
    });
    const fitting = sample("shoe", {
      name: "fitting",
      hex: "#1d2742",
      register: { low: 5, centre: 6, high: 7 },
    });
    const rest = ["bag", "belt"] as const;
    const wardrobe: Piece[] = [
      clashing,
      fitting,
      ...rest.map((kind) => sample(kind, { name: kind, hex: "#1d2742" }) as Piece),
    ];
    const dressy = [sample("dress", { name: "dressy", register: { low: 6, centre: 7, high: 8 } })];
    const { pieces, serves } = fillTemplate(ready("Work"), sampleClient, wardrobe, [dressy]);
    const score = (shoe: Piece) => coherenceOf([shoe, ...pieces.slice(0, -1)], sampleClient).score;
    expect(score(clashing)).toBe(score(fitting));
    expect(pieces.some(({ name }) => name === "fitting")).toBe(true);
    expect(serves).toEqual([0]);
  });
});
