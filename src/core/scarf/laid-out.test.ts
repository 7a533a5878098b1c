import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { patchesOf } from "./colour-map";
import { extentOf } from "./fold";
import { foldNames, namedFolds } from "./folds";
import { bandWidths, canFold, corners, foldedSo, type FoldAsked } from "./laid-out";
import { applied, areaOf } from "./plane";
import { seenOf, sharesOf } from "./seen";

const asked = (rest: Partial<FoldAsked> = {}): FoldAsked => ({
  fold: "triangle",
  corner: "lower left",
  face: "right",
  band: 6,
  ...rest,
});

/** Four quarters of one colour each: 0 upper left, 1 upper right, 2 lower left, 3 lower right. */
const quarters = {
  rows: [
    [0, 1],
    [2, 3],
  ],
};
const shownOf = (rest: Partial<FoldAsked>) =>
  Object.fromEntries(
    sharesOf(seenOf(foldedSo([90, 90], asked(rest)), "front"), patchesOf(quarters, 90, 90)).map(
      ({ colour, face, share }) => [`${colour} ${face}`, Math.round(share * 1000) / 1000],
    ),
  );

describe("a cloth laid out and folded", () => {
  it.each(foldNames)(
    "%s keeps its area on any cloth it can be done on, from any corner, either face up",
    (fold) => {
      const side = fc.double({ min: 45, max: 140, noNaN: true });
      fc.assert(
        fc.property(
          side,
          side,
          fc.constantFrom(...corners),
          fc.constantFrom("right" as const, "reverse" as const),
          fc.double({ min: bandWidths.least, max: bandWidths.most, noNaN: true }),
          (...[width, other, corner, face, band]) => {
            const height = namedFolds[fold].cloth === "square" ? width : other;
            expect(canFold(fold, [width, height])).toBe(true);
            const cloth = foldedSo([width, height], { fold, corner, face, band });
            const area = cloth.layers.reduce((sum, { outline }) => sum + areaOf(outline), 0);
            expect(area).toBeCloseTo(width * height, 3);
            for (const { outline, toFlat } of cloth.layers)
              for (const point of outline) {
                const { x, y } = applied(toFlat, point);
                expect(Math.min(x, y, width - x, height - y)).toBeGreaterThan(-1e-6);
              }
            if (namedFolds[fold].makes !== "band") return;
            const { across } = extentOf(cloth, namedFolds[fold].axis);
            const wide = across.to - across.from;
            expect(wide).toBeGreaterThan(band / 1.5);
            expect(wide).toBeLessThan(band * 1.5);
          },
        ),
        { numRuns: 60, seed: 15 },
      );
    },
  );

  it("shows another part of the picture from each corner, and its other face when it is turned over", () => {
    expect(shownOf({ corner: "lower left" })).toEqual({
      "0 reverse": 0.5,
      "2 reverse": 0.25,
      "1 reverse": 0.25,
    });
    expect(shownOf({ corner: "lower right" })).toEqual({
      "2 reverse": 0.5,
      "3 reverse": 0.25,
      "0 reverse": 0.25,
    });
    expect(shownOf({ corner: "upper right" })).toEqual({
      "3 reverse": 0.5,
      "2 reverse": 0.25,
      "1 reverse": 0.25,
    });
    expect(shownOf({ corner: "upper left" })).toEqual({
      "1 reverse": 0.5,
      "0 reverse": 0.25,
      "3 reverse": 0.25,
    });
    expect(shownOf({ face: "reverse" })).toEqual({ "1 right": 0.5, "0 right": 0.25, "3 right": 0.25 });
  });

  it("folds an oblong only in the ways that need no diagonal", () => {
    expect(foldNames.filter((fold) => canFold(fold, [180, 40]))).toEqual([
      "straight band",
      "wide band",
      "pleats",
      "half",
      "long half",
    ]);
  });
});
