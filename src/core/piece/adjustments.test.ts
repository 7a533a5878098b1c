import { describe, expect, it } from "vitest";
import { dress } from "../dressing/dress";
import { parseLook, serialiseLook } from "../formats/look-file";
import { apply } from "../reading/change";
import { read } from "../reading/read";
import { sample, sampleLook } from "../testing/sample";
import { fillMessage } from "../words/message";
import { adjust, adjustmentSpec, optionsOf, undone, type Adjustment } from "./adjustment";
import { adjustmentKinds, type AdjustmentKind } from "./adjustments";
import { kindNames } from "./kinds";
import { placeOf, type Piece } from "./piece";

/** Pieces made for what not every piece of their kind can do. */
const madeForIt = [
  sample("top", { name: "knit", cloth: "fine knit", figures: { sleeve: "long" } }),
  sample("top", { name: "shirt", figures: { neckline: "shirt collar" } }),
  sample("top", { name: "blouse", figures: { offShoulder: true } }),
  sample("coat", { name: "parka", figures: { collar: "hood", ownBelt: true } }),
  sample("trousers", { name: "joggers", figures: { hem: "stretch" } }),
  sample("bag", { name: "tote", figures: { handle: 3, handleComesOff: true } }),
  sample("watch", { name: "two straps", figures: { strapMade: "leather", otherStrap: "cloth" } }),
] as const;

const every: readonly Piece[] = [
  ...kindNames.map((kind) => sample(kind, { name: kind }) as Piece),
  ...madeForIt,
];

describe("every way of wearing", () => {
  it.each(adjustmentKinds)("%s may be done to some kind, and is said in words", (kind) => {
    const options = every.flatMap((piece) => optionsOf(kind, piece));
    expect(options.length).toBeGreaterThan(0);
    const { words } = adjustmentSpec(kind);
    const values = Object.fromEntries(
      Object.entries(options[0] ?? {}).map(([key, value]) => [
        key,
        typeof value === "string" ? value.replace(/\W/g, "_") : value,
      ]),
    );
    for (const template of [words.doing, words.undoing, words.done])
      expect(fillMessage(template, { ...values, piece: "it" })).not.toMatch(/[{}]|undefined/);
  });

  it.each(adjustmentKinds)(
    "%s goes through a look file, takes the place of what it excludes, and is undone",
    (kind) => {
      const options = every.flatMap((piece) => optionsOf(kind, piece));
      const adjustment = options[0] as Adjustment;
      const piece = every.find(({ id }) => id === adjustment.piece);
      if (!piece) throw new Error(`nothing is worn by ${kind}`);
      const look = sampleLook({
        garments: placeOf(piece) ? [piece] : [],
        accessories: placeOf(piece) ? [] : [piece],
        adjustments: [adjustment],
      });
      expect(parseLook(serialiseLook(look))).toEqual(look);
      for (const other of adjustmentSpec(kind).excludes) {
        const [excluded] = optionsOf(other as AdjustmentKind, piece);
        if (!excluded) continue;
        expect(adjust([excluded], adjustment)).toEqual([adjustment]);
      }
      expect(adjust([adjustment], adjustment)).toEqual([adjustment]);
      expect(undone([adjustment], kind, adjustment.piece)).toEqual([]);
      expect(undone([adjustment], kind, "another")).toEqual([adjustment]);
    },
  );
});

describe("sleeves pushed up", () => {
  const knit = sample("top", { name: "knit", figures: { sleeve: "long" } });
  const bangle = sample("bracelet", { name: "bangle", statement: 2, metal: "silver", metalSize: 2 });
  const look = sampleLook({ garments: [knit], accessories: [bangle] });
  const pushed = (times: 1 | 2): Adjustment => ({ kind: "sleeves-pushed", piece: "knit", times });
  const worn = (times: 1 | 2) => apply(look, { kind: "adjust", adjustment: pushed(times) });
  const itemOf = (of: typeof look) => dress(of).worn.find(({ piece }) => piece.id === "knit");

  it("end below the elbow, or at it, and show the inside of the cuff", () => {
    expect(itemOf(look)?.showsReverse).toBe(false);
    for (const [times, sleeve] of [
      [1, "three-quarter"],
      [2, "elbow"],
    ] as const) {
      const item = itemOf(worn(times));
      expect(item?.asWorn.figures).toMatchObject({ sleeve });
      expect(item?.showsReverse).toBe(true);
      expect(item?.centre).toBeCloseTo((knit.register?.centre ?? NaN) - 0.25 * times, 9);
    }
  });

  it("show what is at the wrist, which the reading proposes", () => {
    const hidden = read(look).findings.find(({ rule }) => rule === "style.wrist");
    expect(hidden?.proposals).toContainEqual(
      expect.objectContaining({ kind: "adjust", way: "sleeves-pushed", piece: "knit" }),
    );
    expect(read(worn(1)).findings.some(({ rule }) => rule === "style.wrist")).toBe(false);
  });

  it("are done to long sleeves only, and go through a look file", () => {
    const short = sample("top", { name: "tee", figures: { sleeve: "short" } });
    expect(optionsOf("sleeves-pushed", short)).toEqual([]);
    expect(optionsOf("sleeves-pushed", knit)).toEqual([pushed(1), pushed(2)]);
    expect(parseLook(serialiseLook(worn(2))).adjustments).toEqual([pushed(2)]);
    const broken = serialiseLook(worn(2)).replace('"times": 2', '"times": 3');
    expect(() => parseLook(broken)).toThrow(/How far must be at most 2/);
  });
});
