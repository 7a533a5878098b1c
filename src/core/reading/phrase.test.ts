import { describe, expect, it } from "vitest";
import type { Unit } from "../rule-book/params";
import type { Figure } from "../rules/finding";
import { madeFinding } from "../testing/made-finding";
import { sample } from "../testing/sample";
import { phrase, sayLimit, sayValue, templateOf } from "./phrase";

describe("a value with its unit", () => {
  it.each<[number, Unit, string]>([
    [12.34, "cm", "12.3 cm"],
    [3.26, "dE", "dE 3.3"],
    [41.6, "L*", "42 L*"],
    [12.4, "C*", "12 C*"],
    [-3.21, "b*", "-3.2 b*"],
    [44.6, "deg", "45°"],
    [0.256, "share", "26 %"],
    [1.55, "step", "1.6"],
    [2, "count", "2"],
    [0.618, "ratio", "0.62"],
    [15.2, "den", "15 den"],
    [9.7, "m/s", "10 m/s"],
    [5.2, "level", "5"],
    [1.2, "degrees", "one degree"],
    [2.6, "degrees", "3 degrees"],
    [-1.6, "degC", "-2 °C"],
    [999, "g", "999 g"],
    [1000, "g", "1 kg"],
    [1460, "g", "1.5 kg"],
    [239.6, "min", "240 minutes"],
    [0.834, "clo", "0.83 clo"],
    [2.4, "boldness", "2"],
    [1, "statement", "1"],
    [0.125, "points", "0.13"],
  ])("%d in %s is said as %s", (value, unit, said) => {
    expect(sayValue(value, unit, "cm")).toBe(said);
  });

  it("is a length in inches where the studio measures so", () => {
    expect(sayValue(25.4, "cm", "in")).toBe("10 in");
    expect(sayValue(25.4, "den", "in")).toBe("25 den");
  });
});

describe("the limit of a figure", () => {
  const figure = (limit: Figure["limit"]): Figure => ({ label: "gap", value: 9, unit: "cm", limit });

  it.each<[Figure["limit"], string]>([
    [null, ""],
    [{ least: null, most: null }, ""],
    [{ least: 1.5, most: null }, "at least 1.5 cm"],
    [{ least: null, most: 5.5 }, "at most 5.5 cm"],
    [{ least: 1.5, most: 5.5 }, "1.5 cm to 5.5 cm"],
    [{ least: 0, most: 0 }, "0 cm to 0 cm"],
  ])('%j is said as "%s"', (limit, said) => {
    expect(sayLimit(figure(limit), "cm")).toBe(said);
  });
});

describe("a finding's sentence", () => {
  const gap = (name: string) =>
    madeFinding({
      rule: "proportion.gap",
      message: "clean",
      of: { trousers: sample("trousers", { name: "legs" }), shoe: sample("shoe", { name }) },
      figures: { gap: { label: "gap", value: 3.25, unit: "cm", limit: null } },
    });

  it("begins with a capital and has its names and lengths in it", () => {
    expect(phrase(gap("Chelsea boots"), "cm")).toBe(
      "3.3 cm of ankle shows between the legs and the Chelsea boots: a clean break.",
    );
  });

  it("has a template in its rule, and none anywhere else", () => {
    expect(templateOf({ rule: "proportion.gap", message: "clean" })).toContain("{gap}");
    expect(() => templateOf({ rule: "proportion.gap", message: "wild" })).toThrow(
      'no rule says "wild" under proportion.gap',
    );
    expect(() => templateOf({ rule: "nobody.says", message: "clean" })).toThrow("no rule says");
  });
});
