import { describe, expect, it } from "vitest";
import { hopedAndRead } from "../testing/begun-choices";
import { registry } from "./registry";

/**
 * How many points rules hope for in all, of sixty-four looks that are still being chosen; the others for none. What is hoped
 * in vain makes the search for whole sets longer: where it can be less, these may be written anew.
 */
const hopedInAll: Readonly<Record<string, number>> = {
  "colour.accent": 5,
  "colour.count": 24,
  "colour.echo": 111.5,
  "colour.face": 5.75,
  "colour.foot": 2,
  "colour.harmony": 26,
  "colour.join": 2,
  "colour.near-black": -5,
  "colour.near-white": 10.92,
  "colour.print": 3,
  "colour.scarf-shows": 3.5,
  "colour.value-match": 38,
  "comfort.limits": -48,
  "comfort.warmth": -13,
  "finish.metal": 10,
  "finish.one-bold": 23,
  "finish.texture": 38,
  "hosiery.edge": 13,
  "proportion.bag-lands": 10,
  "register.occasion": -3,
  "register.spread": 124.79,
  "style.one-lead": 30,
  "style.story": 22,
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
