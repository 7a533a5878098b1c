import { describe, expect, it } from "vitest";
import { hopedAndRead } from "../testing/begun-choices";
import { registry } from "./registry";

/**
 * How many points rules hope for in all, of thirty-two looks that are still being chosen; the others for none. What is hoped
 * in vain makes the search for whole sets longer: where it can be less, these may be written anew.
 */
const hopedInAll: Readonly<Record<string, number>> = {
  "colour.accent": 7,
  "colour.count": 4,
  "colour.echo": 59.17,
  "colour.face": 2.08,
  "colour.harmony": 28,
  "colour.join": 1,
  "colour.near-white": 3,
  "colour.print": 2,
  "colour.scarf-shows": 4,
  "colour.value-match": 24,
  "comfort.limits": -42,
  "comfort.warmth": -8,
  "finish.metal": -9,
  "finish.one-bold": 19,
  "finish.texture": 19,
  "hosiery.edge": 15,
  "proportion.bag-lands": 7,
  "register.occasion": 15,
  "register.spread": 87.85,
  "style.one-lead": 2,
  "style.story": 3,
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
