import { describe, expect, it } from "vitest";
import { hopedAndRead } from "../testing/begun-choices";
import { registry } from "./registry";

/**
 * How many points rules hope for in all, of eighty looks that are still being chosen; the others for none. What is hoped
 * in vain makes the search for whole sets longer: where it can be less, these may be written anew.
 */
const hopedInAll: Readonly<Record<string, number>> = {
  "colour.accent": 10,
  "colour.count": 8,
  "colour.echo": 151.8,
  "colour.face": 5.1,
  "colour.harmony": 67,
  "colour.join": 1,
  "colour.near-white": 10.5,
  "colour.print": 5,
  "colour.scarf-shows": 11,
  "colour.value-match": 59,
  "comfort.limits": -78,
  "comfort.warmth": -14,
  "finish.metal": -14,
  "finish.one-bold": 49,
  "finish.texture": 47,
  "hosiery.edge": 45,
  "proportion.bag-lands": 21,
  "register.occasion": 7,
  "register.spread": 226.3,
  "style.one-lead": 19,
  "style.story": 11,
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
