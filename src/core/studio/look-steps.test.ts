import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { joinSteps, stepAfter, stepBefore, type LookStep } from "./look-steps";

const step = (id: string, after: string | null, minute: number): LookStep => ({
  id,
  after,
  at: `2026-11-26T09:${String(minute).padStart(2, "0")}:00.000Z`,
  accessoryIds: [id],
  adjustments: [],
  ownVerdict: null,
});

// a - b - c, then back to a, and d from there.
const steps = [step("a", null, 1), step("b", "a", 2), step("c", "b", 3), step("d", "a", 4)];

describe("the steps of a look", () => {
  it("are taken back the way they were made, whatever was undone between", () => {
    expect(stepBefore(steps, "c")?.id).toBe("b");
    expect(stepBefore(steps, "d")?.id).toBe("a");
    expect(stepBefore(steps, "a")).toBeNull();
    expect(stepBefore(steps, null)).toBeNull();
    expect(stepBefore([step("late", "not fetched", 9)], "late")).toBeNull();
  });

  it("are done again along what was made last", () => {
    expect(stepAfter(steps, "a")?.id).toBe("d");
    expect(stepAfter(steps, "b")?.id).toBe("c");
    expect(stepAfter(steps, "d")).toBeNull();
    expect(stepAfter(steps, null)).toBeNull();
  });

  it("come together in their order, each once, however they are split", () => {
    fc.assert(
      fc.property(fc.subarray(steps), fc.subarray(steps), fc.boolean(), (recorded, taken, isTurned) => {
        const joined = joinSteps(recorded, isTurned ? taken.toReversed() : taken);
        expect(joined).toEqual(steps.filter((each) => recorded.includes(each) || taken.includes(each)));
      }),
    );
  });
});
