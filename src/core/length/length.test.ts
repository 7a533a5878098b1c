import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bareLength, sayLength } from "./length";
import { parseLength } from "./parse-length";

describe("lengths as a studio writes them", () => {
  it.each([
    [12.5, "cm", "12.5 cm"],
    [12, "cm", "12 cm"],
    [-0.04, "cm", "0 cm"],
    [26.67, "in", "10 1/2 in"],
    [1.9, "in", "3/4 in"],
    [-1.27, "in", "-1/2 in"],
  ] as const)("says %d in %s as %s", (cm, unit, said) => {
    expect(sayLength(cm, unit)).toBe(said);
  });

  it.each([
    ["12.5", "cm", 12.5],
    ["12,5 cm", "in", 12.5],
    ["125 mm", "cm", 12.5],
    ["10 1/2 in", "cm", 26.67],
    ['3/4"', "cm", 1.905],
    ["10", "in", 25.4],
    ["- 2", "cm", -2],
    [`5'4"`, "cm", 162.56],
    ["5 ft 4", "cm", 162.56],
    ["5\u2032 4\u2033", "in", 162.56],
    ["5'4", "in", 162.56],
    ["5 feet 4 1/2 in", "cm", 163.83],
    ["6 ft", "cm", 182.88],
    ["5'10.5\"", "in", 179.07],
    ["5 foot 4 inches", "cm", 162.56],
  ] as const)("reads %s (bare numbers in %s) as %d cm", (text, unit, cm) => {
    expect(parseLength(text, unit)).toBeCloseTo(cm, 6);
  });

  it.each(["", "tall", "12 13", "1/0 in", "12 cm 3", "ft 4", "5 ft 1/0", "5'4'3"])(
    "does not take %j for a length",
    (text) => {
      expect(parseLength(text, "cm")).toBeNull();
    },
  );

  it("reads back what it says, to the tenth of a cm or the eighth of an inch", () => {
    fc.assert(
      fc.property(fc.double({ min: -90, max: 250, noNaN: true }), fc.constantFrom("cm", "in"), (cm, unit) => {
        const back = parseLength(bareLength(cm, unit), unit);
        expect(back).not.toBeNull();
        expect(Math.abs((back ?? NaN) - cm)).toBeLessThanOrEqual(unit === "cm" ? 0.0501 : 0.3176);
      }),
    );
  });
});
