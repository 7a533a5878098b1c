import fc from "fast-check";
import { describe, expect, it } from "vitest";
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
