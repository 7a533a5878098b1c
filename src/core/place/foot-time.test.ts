import fc from "fast-check";
import { expect, it } from "vitest";
import { sample } from "../testing/sample";
import { footBudget } from "./foot-time";

const shoe = (lift: number, figures: Parameters<typeof sample<"shoe">>[1] = {}) =>
  sample("shoe", { figures: { form: "pump", lift, platform: 0, tip: "block", ...figures.figures } });

it.each([
  [1, {}, 480],
  [2, {}, 240],
  [4.5, {}, 120],
  [7, {}, 60],
  [7, { tip: "stiletto" }, 30],
  [7, { form: "mule" }, 45],
  [9, { platform: 2 }, 60],
] as const)("a heel of %d cm, %o, is good for %d minutes", (lift, figures, minutes) => {
  expect(footBudget(shoe(lift, { figures }), false)).toBeCloseTo(minutes, 9);
});

it("is longer with an insole by a quarter, and the shorter the higher the heel", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 14, noNaN: true }),
      fc.double({ min: 0, max: 4, noNaN: true }),
      (lift, more) => {
        expect(footBudget(shoe(lift), true)).toBeCloseTo(footBudget(shoe(lift), false) * 1.25, 9);
        expect(footBudget(shoe(lift + more), false)).toBeLessThanOrEqual(footBudget(shoe(lift), false));
      },
    ),
  );
});
