import { describe, expect, it } from "vitest";
import { lenses } from "./finding";
import { registry, ruleOf } from "./registry";

describe("the registry", () => {
  it("names every rule once, by lens or place and name", () => {
    const ids = registry.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids.every((id) => /^[a-z]+\.[a-z-]+$/.test(id))).toBe(true);
  });

  it("holds the rules the first form promises", () => {
    const promised = ["near-white", "join", "echo"]
      .map((name) => `colour.${name}`)
      .concat(
        ["finish.one-bold", "finish.metal", "register.occasion", "hosiery.open-toe"],
        [
          "gap",
          "snag",
          "touch",
          "overlap",
          "ankle-lost",
          "drape",
          "turn-strain",
          "turn-depth",
          "turn-loose",
          "turn-reverse",
          "drag",
          "toe",
          "tuck",
          "low-shoe",
        ].map((name) => `proportion.${name}`),
      );
    expect(promised.filter((id) => !ruleOf(id))).toEqual([]);
  });

  it.each(registry.map((rule) => [rule.id, rule] as const))(
    "%s says what it is, why, and what its parameters mean",
    (_, rule) => {
      expect(lenses).toContain(rule.lens);
      expect(rule.title.length).toBeGreaterThan(10);
      expect(rule.fault).toMatch(/^[a-z][a-z '-]{5,26}$/);
      expect(rule.why.length).toBeGreaterThan(20);
      for (const { means, value } of Object.values(rule.params)) {
        expect(means.length).toBeGreaterThan(5);
        expect(Number.isFinite(value)).toBe(true);
      }
    },
  );
});
