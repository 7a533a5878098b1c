import { describe, expect, it } from "vitest";
import type { Kind } from "../../piece/kinds";
import { read } from "../../reading/read";
import { everySet, pointsApart, soughtIn, toldOf, wishedChoice } from "../../testing/every-set";
import type { ReadSet, Sought } from "./found-sets";
import { lookWith, placesOf } from "./options";
import { setProblem } from "./set-problem";

/** Choices of few sets, so that all are read in a moment: with and without a top layer among them. */
const choicesOf: readonly (readonly Kind[])[] = [
  ["shoe", "bag", "scarf"],
  ["shoe", "coat", "earrings"],
  ["hosiery", "shoe", "belt"],
  ["coat", "jacket", "shoe", "watch"],
];
const small = choicesOf.flatMap((kinds, i) =>
  [0, 1, 2, 3].map((j) => ({
    kinds: kinds.join(", "),
    choice: () => wishedChoice(40 + 7 * i + j, kinds, 2),
  })),
);

const piecesIn = ({ options }: ReadSet) => options.filter((piece) => piece !== null).length;

const nameOf = ({ options, points }: ReadSet) =>
  `${points}: ${options.map((piece) => piece?.id ?? "-").join()}`;

describe("a choice of few sets", () => {
  it.each(small)("of $kinds is proved as it is read whole", ({ choice: made }) => {
    const choice = made();
    const every = everySet(choice);
    const { best, proved, margin, finished } = soughtIn(choice, { most: every.length + 1, apart: 1 });
    expect({ margin, finished, proved }).toEqual({ margin: 0, finished: true, proved: every.length });
    expect(best.map(nameOf).sort()).toEqual(every.map(nameOf).sort());
    expect(best.map(({ points }) => points)).toEqual(every.map(({ points }) => points));
  });

  it.each(small)("of $kinds is told of with no more left than is said, and ever less", ({ choice: made }) => {
    const choice = made();
    const most = everySet(choice)[0]?.points ?? -Infinity;
    let [margin, points, read, steps] = [Infinity, -Infinity, 0, 0];
    for (const now of toldOf(choice, { most: 1, apart: 1 })) {
      const best = now.best[0]?.points ?? -Infinity;
      expect(best).toBeGreaterThanOrEqual(points);
      expect(now.margin).toBeLessThanOrEqual(margin);
      expect(most - best).toBeLessThanOrEqual(now.margin);
      expect(now.read).toBeGreaterThanOrEqual(read);
      if (now.proved > 0) expect(best).toBe(most);
      [margin, points, read] = [now.margin, best, now.read];
      steps += 1;
    }
    expect(steps).toBeGreaterThan(1);
    expect({ margin, points }).toEqual({ margin: 0, points: most });
  });

  it.each(small)("of $kinds has the best far enough apart", ({ choice: made }) => {
    const choice = made();
    const every = everySet(choice);
    const { best, proved } = soughtIn(choice, { most: 4, apart: 2 });
    expect(proved).toBe(best.length);
    expect(best.map(({ points }) => points)).toEqual(pointsApart(best, every, 2));
  });

  it.each(small)("of $kinds ends once all is proved that was asked for", ({ choice: made }) => {
    const told = [...toldOf(made(), { most: 1, apart: 1 })];
    expect(told.filter(({ finished }) => finished)).toHaveLength(1);
    expect(told.at(-1)).toMatchObject({ finished: true, proved: 1, margin: 0 });
  });

  it.each(small)("of $kinds is answered by no piece more than reads as well", ({ choice: made }) => {
    const choice = made();
    const every = everySet(choice);
    const [best] = soughtIn(choice, { most: 1, apart: 1 }).best;
    const asGood = every.filter(({ points }) => points === best?.points);
    expect(best && piecesIn(best)).toBe(Math.min(...asGood.map(piecesIn)));
  });
});

describe("a choice of more sets than are read to begin with", () => {
  const kinds: readonly Kind[] = ["shoe", "bag", "belt", "earrings"];

  it.each([3, 8, 12, 21])(
    "is told of before anything is proved, no piece exchanged reading better, %i",
    (seed) => {
      const choice = wishedChoice(seed, kinds, 4);
      const told: Sought[] = [];
      for (const now of toldOf(choice, { most: 1, apart: 1 })) {
        if (now.margin < Infinity) break;
        told.push(now);
      }
      expect(told[0]).toMatchObject({ best: [], read: 0, proved: 0, finished: false });
      const [before] = told.at(-1)?.best ?? [];
      if (!before) throw new Error("nothing was found before the proof");
      const places = placesOf(setProblem(choice.base, choice.wardrobe, choice.wish), choice.wish);
      const exchanged = places.flatMap(({ options }, at) =>
        options.map((option) => before.options.map((each, i) => (i === at ? option : each))),
      );
      for (const options of exchanged)
        expect(read(lookWith(choice.base, options)).points).toBeLessThanOrEqual(before.points);
    },
  );
});
