import { describe, expect, it } from "vitest";
import { greedyChoice, placeByPlace } from "./greedy";
import type { Problem } from "./problem";

/** Two places of two options each and one of one: what each is worth, and what some are worth together. */
function problem(worth: readonly number[], pairs: readonly (readonly [number, number, number])[]): Problem {
  const count = worth.length;
  const together = new Int32Array(count * count);
  for (const [one, other, value] of pairs)
    together[one * count + other] = together[other * count + one] = value;
  return { places: [[0, 1], [2, 3], [4]], count, worth: Int32Array.from(worth), together, groups: [] };
}

describe("a choice made place by place", () => {
  it("takes what is worth most by itself and beside what was chosen before", () => {
    const choice = problem(
      [5, 1, 2, 4, 0],
      [
        [0, 2, 3],
        [1, 3, 50],
        [2, 4, -7],
      ],
    );
    expect(placeByPlace(choice)).toEqual({ options: [0, 2, 4], worth: 5 + 2 + 3 - 7 });
  });

  it("takes the first of equals, and what is worth least where nothing else is there", () => {
    expect(placeByPlace(problem([-3, -3, 0, 0, -9], [])).options).toEqual([0, 2, 4]);
    expect(placeByPlace(problem([-5, -3, -4, -2, -9], []))).toEqual({ options: [1, 3, 4], worth: -14 });
  });

  it("is exchanged option by option as long as that gains", () => {
    const pulled = problem(
      [5, 1, 2, 1, 0],
      [
        [1, 2, 6],
        [0, 3, 1],
      ],
    );
    expect(placeByPlace(pulled).options).toEqual([0, 2, 4]);
    expect(greedyChoice(pulled)).toEqual({ options: [1, 2, 4], worth: 9 });
  });

  it("stays where only two exchanges at once would gain", () => {
    const stuck = problem(
      [5, 0, 5, 0, 0],
      [
        [1, 3, 20],
        [0, 3, -9],
        [1, 2, -9],
      ],
    );
    expect(greedyChoice(stuck)).toEqual({ options: [0, 2, 4], worth: 10 });
  });
});
