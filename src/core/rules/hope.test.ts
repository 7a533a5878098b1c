import { describe, expect, it } from "vitest";
import { hopedAndRead } from "../testing/begun-choices";
import recorded from "../testing/hoped-of-cases.json";
import { hopedOfCases, pointsOf, type HopedAndMade } from "../testing/hoped-of-cases";
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

const ofCases: Readonly<Record<string, number>> = recorded;
const wide = registry.filter(({ reads }) => reads === "everything");

/** Whether less is hoped than the rule makes of the look in the end: what is called proved rests on there being none. */
function isTooLittle({ hoped, made }: HopedAndMade): boolean {
  if (made.faults > hoped.faults + 1e-9) return true;
  return made.praise.some((value, rank) => value > (hoped.praise[rank] ?? 0));
}

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
