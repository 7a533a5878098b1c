import { describe, expect, it } from "vitest";
import { numbersFrom } from "../../testing/generated";
import { descending, type Step } from "./descending";
import type { Prospects } from "./prospects";

/** Made-up prospects, with how they were read: what each reading was asked of, side by side. */
interface MadeUp {
  readonly prospects: Prospects;
  readonly readings: (readonly (readonly number[])[])[];
  /** The points of every whole choice, the most first. */
  readonly all: readonly number[];
}

const worthMost = 10;
const slots = ["shoe", "bag", "belt", "earrings", "neck"] as const;

/**
 * Places of so many options, each worth something by itself and beside each other one. What is begun can at the most
 * come to the best of all that is open; before it is read, to one point more.
 */
function madeUp(sizes: readonly number[], seed: number): MadeUp {
  const next = numbersFrom(seed);
  const draw = () => Math.floor(next() * 2 * worthMost) - worthMost;
  const own = sizes.map((size) => Array.from({ length: size }, draw));
  const beside = new Map<string, number>();
  const pair = (...key: number[]) => {
    if (!beside.has(key.join())) beside.set(key.join(), draw());
    return beside.get(key.join()) ?? 0;
  };
  const known = (chosen: readonly number[]) =>
    chosen.reduce((sum, option, at) => {
      const pairs = chosen.slice(0, at).map((other, i) => pair(i, other, at, option));
      return sum + (own[at]?.[option] ?? 0) + pairs.reduce((both, each) => both + each, 0);
    }, 0);
  const open = (chosen: readonly number[]) =>
    own.slice(chosen.length).reduce((sum, values, i) => {
      return sum + Math.max(...values) + (chosen.length + i) * worthMost;
    }, 0);
  const readings: (readonly (readonly number[])[])[] = [];
  const prospects: Prospects = {
    places: sizes.map((size, at) => ({
      slot: slots[at] ?? "hat",
      options: Array.from({ length: size }, () => null),
    })),
    read(choices) {
      readings.push(choices);
      return choices.map((chosen) => ({
        points: known(chosen) + open(chosen),
        wide: [{ faults: 0, praise: [chosen.length] }],
      }));
    },
    guess(chosen, wide) {
      // What is guessed of a choice rests on what was read of the one it follows from.
      expect(wide).toEqual([{ faults: 0, praise: [chosen.length - 1] }]);
      return known(chosen) + open(chosen) + 1;
    },
  };
  const all = sizes
    .reduce<number[][]>(
      (begun, size) =>
        begun.flatMap((chosen) => Array.from({ length: size }, (_, option) => [...chosen, option])),
      [[]],
    )
    .map(known)
    .sort((one, other) => other - one);
  return { prospects, readings, all };
}

const foundIn = (steps: readonly Step[]) => steps.flatMap(({ found }) => found ?? []);
const many = ({ readings }: MadeUp) => readings.reduce((sum, choices) => sum + choices.length, 0);

describe("going down from the choice that reads best", () => {
  it.each([
    [[4], 1],
    [[3, 3], 2],
    [[4, 3, 3], 3],
    [[2, 5, 3, 2], 4],
    [[3, 3, 3, 3, 2], 5],
    [[1, 1, 1], 6],
  ])(
    "meets every choice of %j once, the most points first, and then says that none is left",
    (sizes, seed) => {
      const choices = madeUp(sizes, seed);
      const steps = [...descending([choices.prospects])];
      const found = foundIn(steps);
      expect(found.map(({ points }) => points)).toEqual(choices.all);
      expect(new Set(found.map(({ chosen }) => chosen.join())).size).toBe(choices.all.length);
      for (const { prospects, chosen } of found) {
        expect(prospects).toBe(choices.prospects);
        expect(chosen).toHaveLength(sizes.length);
      }
      expect(steps[steps.length - 1]).toEqual({ most: -Infinity, found: null });
    },
  );

  it("says with every step what nothing that is left reads more points than", () => {
    const choices = madeUp([4, 4, 3, 3], 7);
    const steps = [...descending([choices.prospects])];
    steps.forEach(({ most, found }, i) => {
      const left = foundIn(steps.slice(i));
      if (found) expect(most).toBe(found.points);
      for (const { points } of left) expect(points).toBeLessThanOrEqual(most);
    });
  });

  it("gives a sign of life after every 64 readings", () => {
    const choices = madeUp([5, 5, 4, 3], 8);
    let before = 0;
    let signs = 0;
    for (const { found, most } of descending([choices.prospects])) {
      if (found || most === -Infinity) continue;
      const now = many(choices);
      expect(Math.floor(now / 64)).toBe(Math.floor(before / 64) + 1);
      before = now;
      signs += 1;
    }
    expect(signs).toBe(Math.floor(many(choices) / 64));
    expect(signs).toBeGreaterThan(2);
  });

  it("reads each choice once, sixteen side by side at the most", () => {
    const choices = madeUp([5, 5, 4, 3], 9);
    const steps = [...descending([choices.prospects])];
    const read = choices.readings.flat().map((chosen) => chosen.join());
    expect(new Set(read).size).toBe(read.length);
    expect(read.length).toBe(1 + 5 + 25 + 100 + 300);
    const sizes = choices.readings.map(({ length }) => length);
    expect(Math.max(...sizes)).toBe(16);
    expect(Math.min(...sizes)).toBe(1);
    expect(foundIn(steps)).toHaveLength(300);
  });

  it("finds the best without reading all", () => {
    const choices = madeUp([6, 6, 5, 4], 10);
    const [best] = foundIn(firstFound(descending([choices.prospects])));
    expect(best?.points).toBe(choices.all[0]);
    expect(many(choices)).toBeLessThan(choices.all.length / 2);
  });

  it("goes through several lay-outs together, each read by itself", () => {
    const [one, other] = [madeUp([3, 4], 11), madeUp([2, 3, 3], 12)];
    const found = foundIn([...descending([one.prospects, other.prospects])]);
    const all = [...one.all, ...other.all].sort((first, second) => second - first);
    expect(found.map(({ points }) => points)).toEqual(all);
    expect(found.filter(({ prospects }) => prospects === one.prospects)).toHaveLength(one.all.length);
    for (const chosen of one.readings.flat()) expect(chosen.length).toBeLessThanOrEqual(2);
  });

  it("ends at once where nothing can be chosen", () => {
    const end = { most: -Infinity, found: null };
    expect([...descending([])]).toEqual([end]);
    expect([...descending([madeUp([3, 0, 2], 13).prospects])]).toEqual([end]);
    const nothing = madeUp([], 14).prospects;
    expect([...descending([nothing])]).toEqual([
      { most: 0, found: { prospects: nothing, chosen: [], points: 0 } },
      end,
    ]);
  });
});

/** The steps up to the first choice that is found. */
function firstFound(steps: Iterable<Step>): Step[] {
  const taken: Step[] = [];
  for (const step of steps) {
    taken.push(step);
    if (step.found) break;
  }
  return taken;
}
