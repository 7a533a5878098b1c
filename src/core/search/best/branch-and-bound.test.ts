import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { numbersFrom } from "../../testing/generated";
import { greedyChoice, placeByPlace } from "./greedy";
import { byWorth, possibleChoices, worthOf, type Choice, type Problem } from "./problem";
import { bestChoices, searchBest } from "./branch-and-bound";

/** Every choice there is, the best first. */
function exhaustive(problem: Problem): Choice[] {
  const all = problem.places.reduce<number[][]>(
    (begun, place) => begun.flatMap((options) => place.map((option) => [...options, option])),
    [[]],
  );
  return all.map((options) => ({ options, worth: worthOf(problem, options) })).sort(byWorth);
}

const problems = fc
  .record({
    sizes: fc.array(fc.integer({ min: 1, max: 5 }), { minLength: 1, maxLength: 5 }),
    seed: fc.infiniteStream(fc.integer({ min: -30, max: 30 })),
    groups: fc.array(
      fc.record({ limit: fc.integer({ min: 0, max: 2 }), cost: fc.integer({ min: 1, max: 40 }) }),
      { maxLength: 2 },
    ),
  })
  .map(({ sizes, seed, groups }): Problem => {
    const count = sizes.reduce((sum, size) => sum + size, 0);
    const draw = () => seed.next().value ?? 0;
    const places: number[][] = [];
    let option = 0;
    for (const size of sizes) {
      places.push(Array.from({ length: size }, () => option++));
    }
    const together = new Int32Array(count * count);
    for (let one = 0; one < count; one += 1)
      for (let other = one + 1; other < count; other += 1) {
        const value = draw();
        together[one * count + other] = value;
        together[other * count + one] = value;
      }
    return {
      places,
      count,
      worth: Int32Array.from({ length: count }, draw),
      together,
      groups: groups.map(({ limit, cost }) => ({
        limit,
        cost,
        counts: Uint8Array.from({ length: count }, () => (draw() > 10 ? 1 : 0)),
      })),
    };
  });

describe("the best choices", () => {
  it.each([1, 2, 3, 4])("are those of an exhaustive search, on fifty small problems: %i of four", () => {
    fc.assert(
      fc.property(problems, fc.integer({ min: 1, max: 6 }), (problem, most) => {
        const answer = bestChoices(problem, most);
        const all = exhaustive(problem);
        expect(answer.best.map(({ worth }) => worth)).toEqual(all.slice(0, most).map(({ worth }) => worth));
        expect(answer.best).toEqual(all.slice(0, most));
        expect(answer.proved).toBe(true);
        for (const { options, worth } of answer.best) expect(worthOf(problem, options)).toBe(worth);
      }),
      { numRuns: 50 },
    );
  });

  it("are never worth less than what greed finds, and never more than the first bound", () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const search = searchBest(problem, 1);
        const first = search.next().value;
        const answer = bestChoices(problem, 1);
        expect(answer.best[0]?.worth).toBeGreaterThanOrEqual(greedyChoice(problem).worth);
        expect(greedyChoice(problem).worth).toBeGreaterThanOrEqual(placeByPlace(problem).worth);
        expect(first.bound).toBeGreaterThanOrEqual(answer.best[0]?.worth ?? 0);
      }),
    );
  });

  it("can be left half way with what was found, which only grows better", () => {
    fc.assert(
      fc.property(problems, (problem) => {
        let before = -Infinity;
        for (const { best, proved } of searchBest(problem, 3)) {
          expect(proved).toBe(false);
          expect(best[0]?.worth ?? 0).toBeGreaterThanOrEqual(before);
          before = best[0]?.worth ?? before;
        }
      }),
      { numRuns: 50 },
    );
  });

  it("are counted against all there are", () => {
    const problem: Problem = {
      places: [
        [0, 1],
        [2, 3, 4],
      ],
      count: 5,
      worth: new Int32Array(5),
      together: new Int32Array(25),
      groups: [],
    };
    expect(possibleChoices(problem)).toBe(6n);
    expect(bestChoices(problem, 10).best).toHaveLength(6);
  });
});

/** So many places of so many options each, worth what is drawn for them. */
function drawn(places: number, options: number, draw: () => number): Problem {
  const count = places * options;
  const together = new Int32Array(count * count);
  for (let one = 0; one < count; one += 1)
    for (let other = one + 1; other < count; other += 1)
      together[other * count + one] = together[one * count + other] = draw();
  return {
    places: Array.from({ length: places }, (_, at) =>
      Array.from({ length: options }, (_, i) => at * options + i),
    ),
    count,
    worth: Int32Array.from({ length: count }, draw),
    together,
    groups: [{ limit: 1, cost: 12, counts: Uint8Array.from({ length: count }, (_, i) => i % 2) }],
  };
}

describe("how far the search has to look", () => {
  it.each([
    [1, 0.0015],
    [5, 0.0034],
  ])("for the best %d of 46,656 choices is a few in a thousand of them", (most, share) => {
    const shares = Array.from({ length: 12 }, (_, seed) => {
      const next = numbersFrom(40 + seed);
      const problem = drawn(6, 6, () => Math.floor(next() * 60) - 30);
      const { looked } = bestChoices(problem, most);
      expect(looked).toBeGreaterThan(6);
      return looked / Number(possibleChoices(problem));
    });
    expect(Math.max(...shares)).toBeLessThan(share * 2);
    expect(shares.reduce((sum, one) => sum + one, 0) / shares.length).toBeLessThan(share);
  });

  it("takes the shortest places first, where the least is left open", () => {
    const next = numbersFrom(3);
    const wide = drawn(5, 6, () => Math.floor(next() * 60) - 30);
    const uneven = { ...wide, places: wide.places.map((place, at) => place.slice(0, [6, 1, 5, 2, 6][at])) };
    const turned = { ...uneven, places: [...uneven.places].reverse() };
    const { looked, best } = bestChoices(uneven, 1);
    expect(bestChoices(turned, 1).best[0]?.worth).toBe(best[0]?.worth);
    expect(looked).toBeLessThanOrEqual(16);
  });

  it("is told from time to time, where all choices are worth the same and each is looked at", () => {
    const alike = { ...drawn(4, 9, () => 0), groups: [] };
    const told = [...searchBest(alike, 1)].map(({ looked }) => looked);
    const { looked, best, proved } = bestChoices(alike, 1);
    expect({ looked, proved, best: best.length }).toEqual({
      looked: 1 + 9 + 81 + 729 + 6561,
      proved: true,
      best: 1,
    });
    expect(told.some((many) => many >= 4096)).toBe(true);
    told.forEach((many, i) => expect(many - (told[i - 1] ?? 0)).toBeLessThanOrEqual(4096));
    expect(told.length).toBeLessThan(20);
  });
});

describe("a search with little to choose from", () => {
  const bare: Problem = {
    places: [],
    count: 0,
    worth: new Int32Array(0),
    together: new Int32Array(0),
    groups: [],
  };

  it("begins with what greed finds, and with what nothing can be worth more than", () => {
    const problem = drawn(3, 3, () => 2);
    const first = searchBest(problem, 2).next().value;
    expect(first).toEqual({ best: [greedyChoice(problem)], bound: 3 * 2 + 3 * 2, proved: false, looked: 0 });
  });

  it("has one empty choice where there are no places, and none where a place has no options", () => {
    expect(bestChoices(bare, 3).best).toEqual([{ options: [], worth: 0 }]);
    const open = {
      ...bare,
      places: [[], [0]],
      count: 1,
      worth: new Int32Array(1),
      together: new Int32Array(1),
    };
    expect(bestChoices(open, 3)).toMatchObject({ best: [], bound: -Infinity, proved: true });
  });

  it("has as many as there are where more are wanted, each once", () => {
    const { best, bound } = bestChoices(
      drawn(2, 2, () => 1),
      9,
    );
    expect(best.map(({ options }) => options.join()).sort()).toEqual(["0,2", "0,3", "1,2", "1,3"]);
    expect(bound).toBe(best[0]?.worth);
  });
});
