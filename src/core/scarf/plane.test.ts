import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  after,
  applied,
  areaOf,
  common,
  cutLeft,
  cutRight,
  identity,
  inverseOf,
  leftOf,
  lineAt,
  reflectionIn,
  without,
  type Affine,
  type Convex,
} from "./plane";

const size = fc.double({ min: 1, max: 60, noNaN: true });
const place = fc.double({ min: -40, max: 40, noNaN: true });
const point = fc.record({ x: place, y: place });
const box = fc.tuple(place, place, size, size).map(([x, y, wide, high]): Convex => [
  { x, y },
  { x: x + wide, y },
  { x: x + wide, y: y + high },
  { x, y: y + high },
]);
const line = fc
  .tuple(point, fc.double({ min: 0, max: 360, noNaN: true }))
  .map(([at, turn]) => lineAt(at, turn));
const number = fc.double({ min: -5, max: 5, noNaN: true });
const map: fc.Arbitrary<Affine> = fc
  .record({ a: number, b: number, c: number, d: number, e: place, f: place })
  .filter(({ a, b, c, d }) => Math.abs(a * d - b * c) > 0.05);

/** A point to a thousandth of a centimetre. */
const near = ({ x, y }: { x: number; y: number }) => ({
  x: Math.round(x * 1e3) + 0,
  y: Math.round(y * 1e3) + 0,
});
const total = (pieces: readonly Convex[]) => pieces.reduce((sum, each) => sum + areaOf(each), 0);

describe("a map of the plane", () => {
  it("is undone by its inverse, whichever comes first", () => {
    fc.assert(
      fc.property(map, point, (there, at) => {
        expect(near(applied(inverseOf(there), applied(there, at)))).toEqual(near(at));
        expect(near(applied(after(there, inverseOf(there)), at))).toEqual(near(at));
      }),
      { seed: 7, numRuns: 200 },
    );
    expect(applied(identity, { x: 3, y: 4 })).toEqual({ x: 3, y: 4 });
  });

  it("after another does the other first", () => {
    fc.assert(
      fc.property(map, map, point, (first, second, at) => {
        expect(near(applied(after(first, second), at))).toEqual(near(applied(first, applied(second, at))));
      }),
      { seed: 8, numRuns: 200 },
    );
  });

  it("that mirrors in a line leaves the line, and takes the one side to the other as far off", () => {
    fc.assert(
      fc.property(line, point, fc.double({ min: 0.1, max: 9, noNaN: true }), (mirror, at, long) => {
        const longer = { ...mirror, along: { x: mirror.along.x * long, y: mirror.along.y * long } };
        for (const each of [mirror, longer]) {
          const image = applied(reflectionIn(each), at);
          expect(leftOf(mirror, image)).toBeCloseTo(-leftOf(mirror, at), 6);
          expect(near(applied(reflectionIn(each), image))).toEqual(near(at));
        }
      }),
      { seed: 9, numRuns: 200 },
    );
  });
});

describe("a piece of cloth cut along lines", () => {
  it("is its two sides, and nothing of it lies on the wrong one", () => {
    fc.assert(
      fc.property(box, line, (cloth, cut) => {
        const [left, right] = [cutLeft(cloth, cut), cutRight(cloth, cut)];
        expect(areaOf(left) + areaOf(right)).toBeCloseTo(areaOf(cloth), 5);
        for (const each of left) expect(leftOf(cut, each)).toBeGreaterThanOrEqual(-1e-6);
        for (const each of right) expect(leftOf(cut, each)).toBeLessThanOrEqual(1e-6);
      }),
      { seed: 10, numRuns: 300 },
    );
  });

  it("is what it has in common with another and what it has not, and the two are as large either way", () => {
    fc.assert(
      fc.property(box, box, (one, other) => {
        const shared = areaOf(common(one, other));
        expect(areaOf(common(other, one))).toBeCloseTo(shared, 5);
        expect(total(without(one, other)) + shared).toBeCloseTo(areaOf(one), 5);
      }),
      { seed: 11, numRuns: 300 },
    );
  });

  it("has the area of its sides", () => {
    const cloth = [
      { x: 1, y: 1 },
      { x: 4, y: 1 },
      { x: 4, y: 3 },
      { x: 1, y: 3 },
    ];
    expect(areaOf(cloth)).toBe(6);
    expect(areaOf([...cloth].reverse())).toBe(-6);
    expect(areaOf([])).toBe(0);
    const apart = cloth.map(({ x, y }) => ({ x: x + 10, y }));
    expect(common(cloth, apart)).toEqual([]);
    expect(without(cloth, apart)).toEqual([cloth]);
    expect(without(cloth, cloth)).toEqual([]);
  });

  it("is left whole by a line along its edge", () => {
    const cloth = [
      { x: 0, y: 0 },
      { x: 2, y: 0 },
      { x: 2, y: 2 },
      { x: 0, y: 2 },
    ];
    expect(cutLeft(cloth, lineAt({ x: 0, y: 0 }, 0))).toEqual(cloth);
    expect(cutRight(cloth, lineAt({ x: 0, y: 0 }, 0))).toEqual([]);
    expect(leftOf(lineAt({ x: 0, y: 1 }, 0), { x: 5, y: 3 })).toBe(2);
  });
});
