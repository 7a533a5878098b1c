import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { extentOf } from "./fold";
import { foldNames, namedFolds } from "./folds";
import { clothEdges, gridOf } from "./grid";
import { canFold, corners } from "./laid-out";
import { foldOf } from "./tied";

const picture = { colours: ["#1f2a47", "#efe7d6"], rows: ["01", "10"] };
const cloth = { sideA: 90, sideB: 90, thickness: 0.14, stiffness: 0.3, loop: false };
const ways = fc
  .record({
    fold: fc.constantFrom(...foldNames),
    corner: fc.constantFrom(...corners),
    face: fc.constantFrom("right" as const, "reverse" as const),
    band: fc.integer({ min: 4, max: 12 }),
  })
  .filter(({ fold }) => canFold(fold, [90, 90]));

describe("the edges of a folded scarf", () => {
  it("hold every place that has cloth, and no place beside them has any", () => {
    fc.assert(
      fc.property(ways, (asked) => {
        const size = [40, 20] as const;
        const { cells, along, across } = gridOf(cloth, picture, asked, size);
        const edges = clothEdges(foldOf(cloth, asked), namedFolds[asked.fold].axis);
        for (let u = 0; u < along; u += 1) {
          const [low, high] = edges((u + 0.5) / along);
          for (let v = 0; v < across; v += 1) {
            const at = (v + 0.5) / across;
            // Every named fold leaves one piece: what lies between its edges is cloth.
            if (at > low + 1e-6 && at < high - 1e-6) expect(cells[u * across + v]).not.toBeNull();
            if (at < low - 1e-6 || at > high + 1e-6) expect(cells[u * across + v]).toBeNull();
          }
        }
      }),
      { numRuns: 60 },
    );
  });

  it("of a triangle meet at its corners, and lie its depth apart at its middle", () => {
    const asked = { fold: "triangle", corner: "lower left", face: "right", band: 6 } as const;
    const folded = foldOf(cloth, asked);
    const edges = clothEdges(folded, namedFolds.triangle.axis);
    for (const end of [0, 1]) expect(edges(end)[1] - edges(end)[0]).toBeCloseTo(0, 6);
    const { across } = extentOf(folded, namedFolds.triangle.axis);
    expect(edges(0.5)).toEqual([expect.closeTo(0, 6), expect.closeTo(1, 6)]);
    expect(across.to - across.from).toBeCloseTo(90 / Math.SQRT2, 6);
  });
});
