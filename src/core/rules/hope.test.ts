import { describe, expect, it } from "vitest";
import { hopedAndRead } from "../testing/begun-choices";
import recorded from "../testing/hoped-of-cases.json";
import { hopedOfCases, isTooLittle, pointsOf } from "../testing/hoped-of-cases";
import { registry } from "./registry";

/**
 * How many points rules hope for in all, of a hundred and twenty-eight looks that are still being chosen; the others for none. What is hoped
 * in vain makes the search for whole sets longer: where it can be less, these may be written anew.
 */
const hopedInAll: Readonly<Record<string, number>> = {
  "colour.accent": 3,
  "colour.count": 12,
  "colour.echo": 56,
  "colour.face": 5.67,
  "colour.foot": 1,
  "colour.harmony": 13,
  "colour.near-black": -2,
  "colour.near-white": 5.58,
  "colour.print": 2,
  "colour.scarf-shows": 2.5,
  "colour.value-match": 19,
  "comfort.limits": -18,
  "comfort.warmth": -5,
  "finish.metal": 3,
  "finish.one-bold": 17,
  "finish.texture": 19,
  "hosiery.edge": 7,
  "proportion.bag-lands": 4,
  "register.occasion": 9,
  "register.spread": 62.77,
  "style.one-lead": 18,
  "style.story": 9,
};

const ofCases: Readonly<Record<string, number>> = recorded;
const wide = registry.filter(({ reads }) => reads === "everything");

describe.each(wide.map((rule) => [rule.id, rule] as const))("what %s hopes for", (id, rule) => {
  it("is no less than what it makes of the look in the end", () => {
    expect(hopedAndRead(rule).filter(isTooLittle)).toEqual([]);
  });

  it("is no more than it need be", () => {
    const sum = hopedAndRead(rule).reduce((points, { hoped }) => points + pointsOf(hoped), 0);
    expect(sum).toBeCloseTo(hopedInAll[id] ?? 0, 1);
  });

  /** `npm run rules` writes down anew what is hoped there: less is better. */
  it("is as much near its own cases as it was, and never less than comes of them", () => {
    const all = [...hopedOfCases(rule)];
    expect(all.filter(isTooLittle)).toEqual([]);
    expect(all.reduce((sum, { hoped }) => sum + pointsOf(hoped), 0)).toBeCloseTo(ofCases[id] ?? NaN, 1);
  });
});
