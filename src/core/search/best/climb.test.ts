import { describe, expect, it } from "vitest";
import { climb } from "./climb";

/** Points of three places by a table, and what the first two are worth together. */
const alone = [
  [0, 1, 3],
  [2, 0],
  [0, 0, 5],
] as const;
const worthOf = (chosen: readonly number[]) =>
  alone.reduce((sum, worth, place) => sum + (worth[chosen[place] ?? 0] ?? 0), 0) +
  (chosen[0] === 1 && chosen[1] === 1 ? 4 : 0);
const pointsOf = (choices: readonly (readonly number[])[]) => choices.map(worthOf);

describe("a climb", () => {
  it("exchanges single options as long as that gains points, and ends where none does", () => {
    const steps = [...climb([0, 0, 0], [3, 2, 3], pointsOf)];
    const last = steps[steps.length - 1];
    expect(steps[0]).toEqual({ chosen: [0, 0, 0], points: 2 });
    expect(last).toEqual({ chosen: [2, 0, 2], points: 10 });
    for (const [i, step] of steps.entries())
      expect(step.points).toBeGreaterThanOrEqual(steps[i - 1]?.points ?? -Infinity);
  });

  it("goes once through every place after the last gain", () => {
    let asked = 0;
    const count = (choices: readonly (readonly number[])[]) => {
      asked += choices.length;
      return pointsOf(choices);
    };
    const steps = [...climb([2, 0, 2], [3, 2, 3], count)];
    expect(steps).toHaveLength(4);
    expect(asked).toBe(1 + 2 + 1 + 2);
  });

  it("does not find what wants two exchanges at once", () => {
    const last = [...climb([2, 0, 2], [3, 2, 3], pointsOf)].pop();
    expect(last?.points).toBe(10);
    expect(
      pointsOf([
        [1, 1, 2],
        [2, 0, 2],
      ]),
    ).toEqual([10, 10]);
  });

  it("stays where it is without a place", () => {
    expect([...climb([], [], (choices) => choices.map(() => 7))]).toEqual([{ chosen: [], points: 7 }]);
  });
});
