import { describe, expect, it } from "vitest";
import { hopedAndRead } from "../testing/begun-choices";
import { registry } from "./registry";

/**
 * How many points rules hope for in all, of a hundred and twenty-eight looks that are still being chosen; the others for none. What is hoped
 * in vain makes the search for whole sets longer: where it can be less, these may be written anew.
 */
const hopedInAll: Readonly<Record<string, number>> = {
  "colour.accent": 20,
  "colour.count": 52,
  "colour.echo": 246.17,
  "colour.face": 3.45,
  "colour.foot": 8,
  "colour.harmony": 58,
  "colour.join": 4,
  "colour.near-black": -14,
  "colour.near-white": 36.07,
  "colour.print": 3,
  "colour.scarf-shows": 6.5,
  "colour.value-match": 83,
  "comfort.limits": -66,
  "comfort.warmth": -22,
  "finish.metal": 10,
  "finish.one-bold": 63,
  "finish.texture": 87,
  "hosiery.edge": 44,
  "proportion.bag-lands": 23,
  "register.occasion": 9,
  "register.spread": 290.47,
  "style.one-lead": 63,
  "style.story": 32,
};

const wide = registry.filter(({ reads }) => reads === "everything");
const pointsOf = ({ faults, praise }: { readonly faults: number; readonly praise: readonly number[] }) =>
  praise.reduce((sum, value, rank) => sum + value / (rank + 1), faults);

describe.each(wide.map((rule) => [rule.id, rule] as const))("what %s hopes for", (id, rule) => {
  it("is no less than what it makes of the look in the end", () => {
    for (const { hoped, made } of hopedAndRead(rule)) {
      expect(made.faults).toBeLessThanOrEqual(hoped.faults + 1e-9);
      made.praise.forEach((value, rank) => expect(value).toBeLessThanOrEqual(hoped.praise[rank] ?? 0));
    }
  });

  it("is no more than it need be", () => {
    const sum = hopedAndRead(rule).reduce((points, { hoped }) => points + pointsOf(hoped), 0);
    expect(sum).toBeCloseTo(hopedInAll[id] ?? 0, 1);
  });
});
