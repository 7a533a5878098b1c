import { describe, expect, it } from "vitest";
import type { LengthTaken, TiePart } from "./define-tie";
import * as layouts from "./layouts";

/** A metre of folded scarf: two ends of 25 cm, a knot that takes 8, and 40 once round. */
const metre: LengthTaken = { length: 100, round: 40, tail: 25, knot: 8 };

const [tailLeft, tailRight] = [
  ["tail left", 0, 25, 1],
  ["tail right", 75, 100, 1],
] as const;
const roundFromBehind = [
  ["round left", 29, 39, 0.8],
  ["round right", 61, 71, 0.8],
  tailLeft,
  tailRight,
] as const;
const halfOfTheKnot = ["knot", 25, 29, 0.3] as const;
const looseTails = [
  ["tail left", 0, 25, 0.8],
  ["tail right", 75, 100, 0.8],
] as const;

type Stretch = readonly [TiePart["place"], number, number, number];

/** What of the metre is seen in each lay-out: where it lies, from which centimetre to which, how open. */
const seen: Readonly<Record<keyof typeof layouts, readonly Stretch[]>> = {
  showsKnotInFront: [...roundFromBehind, halfOfTheKnot],
  showsTwiceRoundInFront: [["upper round", 40, 60, 0.6], ...roundFromBehind, halfOfTheKnot],
  showsHeldBehind: [["across", 40, 60, 1]],
  showsKnotAside: [["across", 29, 49, 1], tailLeft, tailRight, halfOfTheKnot],
  showsPointInFront: [["point", 14, 86, 1]],
  showsPointWrapped: [["point", 14, 86, 1], ...looseTails, halfOfTheKnot],
  showsPointAside: [["point aside", 14, 86, 1]],
  showsHanging: [
    ["hang left", 0, 40, 1],
    ["hang right", 60, 100, 1],
  ],
  showsRoundAndHanging: [
    ["across", 35, 55, 0.9],
    ["hang left", 0, 15, 1],
    ["hang right", 75, 100, 1],
  ],
  showsThroughItsLoop: [
    ["across", 80, 100, 0.8],
    ["knot", 90, 100, 0.4],
    tailLeft,
    ["tail right", 0, 22.5, 1],
  ],
  showsThroughRing: [...roundFromBehind, ["ring", 25, 25.1, 0]],
  showsOverShoulders: [["shawl", 0, 100, 1]],
  showsBow: [
    ["round left", 29, 39, 0.8],
    ["round right", 61, 71, 0.8],
    ["loop left", 12.5, 25, 0.7],
    ["loop right", 75, 87.5, 0.7],
    ["tail left", 0, 12.5, 1],
    ["tail right", 87.5, 100, 1],
    ["knot", 49, 51, 0.3],
  ],
  showsWound: [
    ["wound round", 8, 92, 0.6],
    ["tail left", 0, 8, 1],
    ["tail right", 92, 100, 1],
  ],
  showsWoundAndTucked: [["wound round", 8, 92, 0.6]],
  showsDrawnThrough: [
    ["tail left", 0, 30, 1],
    ["tail right", 70, 100, 1],
    ["knot", 30, 70, 0.3],
  ],
  showsCrossed: [
    ["crossed left", 6, 40, 0.9],
    ["crossed right", 60, 94, 0.9],
  ],
  showsHungLoop: [["hung loop", 10, 90, 1]],
  showsTwoRounds: [
    ["upper round", 15, 35, 0.7],
    ["across", 65, 85, 1],
  ],
  showsOverHead: [["over the head", 29, 71, 0.8], ...looseTails, halfOfTheKnot],
  showsRoundTheBust: [["round the bust", 40, 60, 1]],
  showsHalter: [["front of a halter", 14, 86, 1]],
  showsOverOneShoulder: [["over one shoulder", 14, 86, 1]],
  showsShortJacket: [["short jacket", 0, 100, 1]],
};

const names = Object.keys(seen) as (keyof typeof layouts)[];

/** Centimetres without the dust of a sum. */
const settled = (cm: number) => Math.round(cm * 1e9) / 1e9;
const told = (parts: readonly TiePart[]) =>
  parts.map(({ place, from, to, open }) => [place, settled(from), settled(to), open]);

describe("what is seen of a tied scarf", () => {
  it.each(names)("%s: a metre of it", (name) => {
    expect(told(layouts[name](metre))).toEqual(seen[name]);
  });

  it("has no end before its beginning, however short it is", () => {
    const tight = told(layouts.showsRoundAndHanging({ ...metre, round: 80 }));
    expect(tight).toEqual([
      ["across", 25, 65, 0.9],
      ["hang left", 0, 0, 1],
      ["hang right", 100, 100, 1],
    ]);
    expect(told(layouts.showsCrossed({ ...metre, length: 60 }))).toEqual([
      ["crossed left", 0, 20, 0.9],
      ["crossed right", 40, 60, 0.9],
    ]);
    expect(told(layouts.showsWound({ ...metre, tail: 5 }))[0]).toEqual(["wound round", 5, 95, 0.6]);
    expect(told(layouts.showsWoundAndTucked({ ...metre, tail: 5 }))).toEqual([["wound round", 5, 95, 0.6]]);
  });
});
