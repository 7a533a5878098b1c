import { describe, expect, it } from "vitest";
import { read } from "../../reading/read";
import { slots, type Slot } from "../../piece/slots";
import { slotOf } from "../../piece/piece";
import { accessoryKinds, generatedChoice, wornInWays } from "../../testing/generated-choice";
import { placesApart } from "./diverse";
import type { ReadSet, Sought } from "./found-sets";
import { lookWith, placesOf, type Option } from "./options";
import { seekSets } from "./seek";
import { setProblem, type SetWish } from "./set-problem";

type SomeChoice = ReturnType<typeof makeChoice>;

const choices = new Map<number, SomeChoice>();

/** A made-up choice by its number: the same pieces each time it is asked for. */
function someChoice(seed: number): SomeChoice {
  const choice = choices.get(seed) ?? makeChoice(seed);
  choices.set(seed, choice);
  return choice;
}

/** Five or six slots of a made-up choice: what is worn for its occasion, rain and limits, school by school. */
function makeChoice(seed: number) {
  const kinds = accessoryKinds
    .filter((_, i) => (seed * 7 + i * 5) % 3 !== 0 || i === 0)
    .slice(0, 5 + (seed % 2));
  const made = generatedChoice(seed, kinds, 2 + (seed % 2));
  const choice = seed % 2 === 0 ? made : wornInWays(made, seed);
  const taken = slots.filter((slot) => choice.wardrobe.some((piece) => slotOf(piece) === slot));
  const wish: SetWish = {
    slots: taken.map((slot: Slot) => ({ slot, optional: slot !== "shoe", pinned: null })),
    forRain: seed % 5 === 0,
    from: seed % 7 === 0 ? 4 : null,
    to: null,
  };
  return { ...choice, wish };
}

/** Every set there is, the one that reads best first; equals in the order in which they are laid out. */
function everySet(seed: number): ReadSet[] {
  const { base, wardrobe, wish } = someChoice(seed);
  const places = placesOf(setProblem(base, wardrobe, wish), wish);
  const all = places.reduce<Option[][]>(
    (begun, { options }) => begun.flatMap((chosen) => options.map((option) => [...chosen, option])),
    [[]],
  );
  return all
    .map((options) => ({ options, points: read(lookWith(base, options)).points }))
    .sort((one, other) => other.points - one.points);
}

function soughtFor(seed: number, asked: { readonly most: number; readonly apart: number }): Sought {
  const { base, wardrobe, wish } = someChoice(seed);
  let last: Sought | null = null;
  for (const sought of seekSets(base, setProblem(base, wardrobe, wish), wish, asked)) last = sought;
  if (!last) throw new Error("nothing was sought");
  return last;
}

const nameOf = ({ options, points }: ReadSet) =>
  `${points}: ${options.map((piece) => piece?.name ?? "-").join()}`;

describe("the sets that read best", () => {
  it.each(Array.from({ length: 30 }, (_, i) => i * 10))(
    "are those of reading every set, in the ten choices from number %i on",
    (from) => {
      for (let seed = from; seed < from + 10; seed += 1) {
        const most = 20;
        const every = everySet(seed);
        const { best, proved, margin, finished } = soughtFor(seed, { most, apart: 1 });
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
      const { best, proved } = soughtFor(seed, { most: 6, apart: 2 });
      const every = everySet(seed);
      expect(proved).toBe(best.length);
      best.forEach((set, i) => {
        const before = best.slice(0, i);
        const isApart = (other: ReadSet) => before.every((each) => placesApart(each, other) >= 2);
        expect(isApart(set)).toBe(true);
        expect(set.points).toBe(every.find(isApart)?.points);
      });
    }
  }, 60_000);

  it("are told before they are proved, with no more left than is said, and ever less", () => {
    for (let seed = 0; seed < 20; seed += 1) {
      const { base, wardrobe, wish } = someChoice(seed);
      const most = everySet(seed)[0]?.points ?? -Infinity;
      let [margin, points, steps] = [Infinity, -Infinity, 0];
      for (const now of seekSets(base, setProblem(base, wardrobe, wish), wish, { most: 1, apart: 1 })) {
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
