import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { difference } from "../colour/difference";
import { shadeOf } from "../colour/shade";
import { numbersFrom } from "../testing/generated";
import { averaged, readAveraged, steadySpread, timesRead, trayReader } from "./colour-reader";

const byte = fc.integer({ min: 25, max: 225 });
const hexOf = (bytes: readonly number[]) =>
  `#${bytes.map((each) => each.toString(16).padStart(2, "0")).join("")}`;
/** Any cloth, and as often a grey one: there the same miss counts for most. */
const hex = fc.oneof(
  fc.tuple(byte, byte, byte).map(hexOf),
  byte.map((each) => hexOf([each, each, each])),
);

describe("the colour reader", () => {
  it("averages three readings that miss a little, and says how far they lie apart", async () => {
    await fc.assert(
      fc.asyncProperty(hex, fc.nat(), async (cloth, seed) => {
        const { hex: mean, readings, spread } = await readAveraged(trayReader(cloth, numbersFrom(seed)));
        expect(readings).toHaveLength(timesRead);
        const misses = readings.map((each) => difference(shadeOf(each), shadeOf(cloth)));
        expect(difference(shadeOf(mean), shadeOf(cloth))).toBeLessThanOrEqual(Math.max(...misses) + 0.5);
        expect(spread).toBeLessThanOrEqual(steadySpread);
      }),
      { numRuns: 300 },
    );
  });

  it("takes the mean, and the two that differ most for the spread", () => {
    const { hex: mean, spread } = averaged(["#000000", "#ffffff"]);
    expect(mean).toBe("#777777");
    expect(spread).toBeCloseTo(100, 0);
    expect(averaged(["#2a66c8"])).toEqual({ hex: "#2a66c8", readings: ["#2a66c8"], spread: 0 });
  });

  it("does not answer where nothing lies under it", async () => {
    await expect(readAveraged(trayReader(null, numbersFrom(1)))).rejects.toThrow(/nothing lies/);
  });
});
