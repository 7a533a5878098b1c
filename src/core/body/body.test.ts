import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bodyOf } from "./body";
import { contradictions } from "./contradictions";
import { measurementNames, measurements } from "./measurements";
import { monotoneCubic } from "./monotone-cubic";
import { seatedRise } from "./seated";

describe("a body", () => {
  it("keeps what was measured and marks what it estimates", () => {
    const { measures } = bodyOf({ height: 170, crotch: 79 });
    expect(measures.crotch).toEqual({ cm: 79, estimated: false });
    expect(measures.waistLine.cm).toBeCloseTo(0.62 * 170, 9);
    expect(measures.waistLine.estimated).toBe(true);
  });

  it("never guesses the leg's girths for a rule: it says which are missing", () => {
    const body = bodyOf({ height: 170, ankle: 22, calf: 36 });
    expect(body.legGirth).toBeNull();
    expect(body.missingLeg).toEqual(["knee", "thigh"]);
  });

  it("has its landmarks in order whatever its height", () => {
    fc.assert(
      fc.property(fc.double({ min: 90, max: 230, noNaN: true }), (height) => {
        const { measures } = bodyOf({ height });
        const estimated = Object.fromEntries(
          measurementNames
            .filter((name) => measurements[name].kind === "height")
            .map((name) => [name, measures[name].cm]),
        );
        expect(contradictions(estimated)).toEqual([]);
      }),
    );
  });
});

describe("the leg's girth by height", () => {
  const girth = bodyOf({ height: 174, ankle: 22.5, calf: 37.5, knee: 38.5, thigh: 55 }).legGirth;

  it("passes through what was measured", () => {
    expect(girth?.(0.061 * 174)).toBeCloseTo(22.5, 6);
    expect(girth?.(0.2 * 174)).toBeCloseTo(37.5, 6);
    expect(girth?.(0.285 * 174)).toBeCloseTo(38.5, 6);
    expect(girth?.(0.405 * 174)).toBeCloseTo(55, 6);
    expect(girth?.(0.039 * 174)).toBeCloseTo(25, 6);
  });

  it("never swings beyond two neighbouring measurements", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.061 * 174, max: 0.405 * 174, noNaN: true }), (height) => {
        const at = girth?.(height) ?? NaN;
        expect(at).toBeGreaterThanOrEqual(22.5 - 1e-9);
        expect(at).toBeLessThanOrEqual(55 + 1e-9);
      }),
    );
  });

  it("rises with the knots that rise", () => {
    const knots = fc.array(fc.double({ min: 0.1, max: 9, noNaN: true }), { minLength: 2, maxLength: 7 });
    fc.assert(
      fc.property(knots, knots, (steps, rises) => {
        let [x, y] = [0, 0];
        const curve = monotoneCubic(
          steps.map((step, i) => {
            x += step;
            y += rises[i] ?? 1;
            return { x, y };
          }),
        );
        for (let i = 0; i < 30; i += 1)
          expect(curve((x * (i + 1)) / 30)).toBeGreaterThanOrEqual(curve((x * i) / 30) - 1e-9);
      }),
    );
  });

  it("needs two knots", () => {
    expect(() => monotoneCubic([{ x: 0, y: 1 }])).toThrow(RangeError);
  });
});

describe("sitting down", () => {
  it("lifts trouser hems by 0.05 to 0.07 of the height, and skirts by more", () => {
    const trousers = seatedRise("trousers", 170, 48, 8);
    expect(trousers / 170).toBeGreaterThanOrEqual(0.05);
    expect(trousers / 170).toBeLessThanOrEqual(0.07);
    expect(seatedRise("skirt", 170, 48, 40)).toBeGreaterThan(trousers);
    expect(seatedRise("skirt", 170, 48, 60)).toBeGreaterThan(seatedRise("skirt", 170, 48, 40));
  });
});
