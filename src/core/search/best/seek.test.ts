import { describe, expect, it } from "vitest";
import { accessoryKinds } from "../../testing/generated-choice";
import {
  everySet,
  pointsApart,
  soughtIn,
  toldOf,
  type WishedChoice,
  wishedChoice,
} from "../../testing/every-set";
import type { ReadSet } from "./found-sets";

const choices = new Map<number, WishedChoice>();

/** Five or six slots of a made-up choice by its number: the same pieces each time it is asked for. */
function someChoice(seed: number): WishedChoice {
  const kinds = accessoryKinds
    .filter((_, i) => (seed * 7 + i * 5) % 3 !== 0 || i === 0)
    .slice(0, 5 + (seed % 2));
  const choice = choices.get(seed) ?? wishedChoice(seed, kinds, 2 + (seed % 2));
  choices.set(seed, choice);
  return choice;
}

const nameOf = ({ options, points }: ReadSet) =>
  `${points}: ${options.map((piece) => piece?.name ?? "-").join()}`;

describe("the sets that read best", () => {
  it.each(Array.from({ length: 30 }, (_, i) => i * 10))(
    "are those of reading every set, in the ten choices from number %i on",
    (from) => {
      for (let seed = from; seed < from + 10; seed += 1) {
        const most = 20;
        const every = everySet(someChoice(seed));
        const { best, proved, margin, finished } = soughtIn(someChoice(seed), { most, apart: 1 });
        const expected = every.slice(0, most);
        expect(finished).toBe(true);
        expect(margin).toBe(0);
        expect(proved).toBe(expected.length);
        expect(best.map(({ points }) => points)).toEqual(expected.map(({ points }) => points));
        // Of those that read as the last does any may be among them; all that read better must be.
        const last = expected[expected.length - 1]?.points ?? -Infinity;
        const better = every.filter(({ points }) => points > last).map(nameOf);
        const names = best.map(nameOf);
        expect(names.filter((name) => better.includes(name)).sort()).toEqual(better.sort());
        const asGood = new Set(every.filter(({ points }) => points >= last).map(nameOf));
        expect(names.every((name) => asGood.has(name))).toBe(true);
        expect(new Set(names).size).toBe(names.length);
      }
    },
    60_000,
  );

  it("are far enough apart where that is asked, each the best that lies so far from those before it", () => {
    for (let seed = 0; seed < 12; seed += 1) {
      const { best, proved } = soughtIn(someChoice(seed), { most: 6, apart: 2 });
      const every = everySet(someChoice(seed));
      expect(proved).toBe(best.length);
      expect(best.map(({ points }) => points)).toEqual(pointsApart(best, every, 2));
    }
  }, 60_000);

  it("are told before they are proved, with no more left than is said, and ever less", () => {
    for (let seed = 0; seed < 20; seed += 1) {
      const choice = someChoice(seed);
      const most = everySet(choice)[0]?.points ?? -Infinity;
      let [margin, points, steps] = [Infinity, -Infinity, 0];
      for (const now of toldOf(choice, { most: 1, apart: 1 })) {
        const best = now.best[0]?.points ?? -Infinity;
        expect(best).toBeGreaterThanOrEqual(points);
        expect(now.margin).toBeLessThanOrEqual(margin);
        expect(most - best).toBeLessThanOrEqual(now.margin);
        if (now.proved > 0) expect(best).toBe(most);
        [margin, points] = [now.margin, best];
        steps += 1;
      }
      expect(steps).toBeGreaterThan(1);
      expect(margin).toBe(0);
    }
  }, 60_000);
});
