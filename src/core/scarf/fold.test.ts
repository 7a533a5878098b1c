import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { patchesOf, type ColourMap } from "./colour-map";
import { flatCloth, fold, folded, type FoldStep } from "./fold";
import { applied, areaOf, common, edgesOf, leftOf, lineAt, reflectionIn, type PlanePoint } from "./plane";
import { seenOf, sharesOf, type View } from "./seen";

const [width, height] = [90, 70];

const step: fc.Arbitrary<FoldStep> = fc.record({
  through: fc.record({
    x: fc.double({ min: 5, max: width - 5, noNaN: true }),
    y: fc.double({ min: 5, max: height - 5, noNaN: true }),
  }),
  angle: fc.double({ min: 0, max: 360, noNaN: true }),
  side: fc.constantFrom("left" as const, "right" as const),
  over: fc.boolean(),
});
const steps = fc.array(step, { maxLength: 4 });
const map: fc.Arbitrary<ColourMap> = fc
  .tuple(fc.integer({ min: 1, max: 9 }), fc.integer({ min: 1, max: 9 }))
  .chain(([across, down]) =>
    fc.record({
      rows: fc.array(fc.array(fc.nat(3), { minLength: across, maxLength: across }), {
        minLength: down,
        maxLength: down,
      }),
    }),
  );
const view = fc.constantFrom<View>("front", "back");
const runs = { numRuns: 200, seed: 20_261_127 };

/** The points of the flat cloth that lie at a point, the lowest first, found by unfolding step after step. */
function layersAt(
  at: PlanePoint,
  asked: readonly FoldStep[],
): readonly (PlanePoint & { readonly turned: boolean })[] {
  const last = asked[asked.length - 1];
  if (!last) {
    const isOn = at.x >= 0 && at.x <= width && at.y >= 0 && at.y <= height;
    return isOn ? [{ ...at, turned: false }] : [];
  }
  const line = lineAt(last.through, last.angle);
  if (leftOf(line, at) > 0 === (last.side === "left")) return [];
  const before = asked.slice(0, -1);
  const stays = layersAt(at, before);
  const moved = layersAt(applied(reflectionIn(line), at), before)
    .map((each) => ({ ...each, turned: !each.turned }))
    .reverse();
  return last.over ? [...stays, ...moved] : [...moved, ...stays];
}

describe("a cloth folded", () => {
  it("keeps its area, and every point of it its place on the flat cloth", () => {
    fc.assert(
      fc.property(steps, (asked) => {
        const { layers } = folded(flatCloth(width, height), asked);
        const area = layers.reduce((sum, { outline }) => sum + areaOf(outline), 0);
        expect(area).toBeCloseTo(width * height, 3);
        const flat = layers.map(({ outline, toFlat, up }) => {
          const there = outline.map((point) => applied(toFlat, point));
          return up === "right" ? there : there.reverse();
        });
        for (const part of flat)
          for (const { x, y } of part) {
            expect(x).toBeGreaterThan(-1e-6);
            expect(x).toBeLessThan(width + 1e-6);
            expect(y).toBeGreaterThan(-1e-6);
            expect(y).toBeLessThan(height + 1e-6);
          }
        // No two layers are the same part of the cloth.
        flat.forEach((one, i) => {
          for (const other of flat.slice(i + 1)) expect(areaOf(common(one, other))).toBeLessThan(1e-3);
        });
      }),
      runs,
    );
  });

  it("lies at every point as a count says that knows nothing of polygons", () => {
    const point = fc.record({
      x: fc.double({ min: -width, max: 2 * width, noNaN: true }),
      y: fc.double({ min: -height, max: 2 * height, noNaN: true }),
    });
    fc.assert(
      fc.property(steps, fc.array(point, { minLength: 20, maxLength: 20 }), view, (asked, points, from) => {
        const cloth = folded(flatCloth(width, height), asked);
        const seen = seenOf(cloth, from);
        const edges = cloth.layers.flatMap(({ outline }) => edgesOf(outline));
        const isOnAnEdge = (at: PlanePoint) =>
          edges.some((edge) => Math.abs(leftOf(edge, at)) / Math.hypot(edge.along.x, edge.along.y) < 1e-3);
        for (const at of points) {
          if (isOnAnEdge(at)) continue;
          const lying = layersAt(at, asked);
          const nearest = from === "front" ? lying[lying.length - 1] : lying[0];
          const piece = seen.find(({ outline }) =>
            edgesOf(outline).every((edge) => leftOf(edge, at) > -1e-9),
          );
          expect(piece === undefined).toBe(nearest === undefined);
          if (!piece || !nearest) continue;
          const flat = applied(piece.layer.toFlat, at);
          expect(flat.x).toBeCloseTo(nearest.x, 4);
          expect(flat.y).toBeCloseTo(nearest.y, 4);
          expect(piece.layer.up).toBe(nearest.turned ? "reverse" : "right");
        }
      }),
      runs,
    );
  });

  it("is flat again when the last fold is undone: what was turned over goes back over the same line", () => {
    fc.assert(
      fc.property(step, (asked) => {
        const flat = flatCloth(width, height);
        const once = fold(flat, asked);
        const mirror = reflectionIn(lineAt(asked.through, asked.angle));
        for (const { outline, toFlat, up } of once.layers)
          for (const point of outline) {
            const back = up === "reverse" ? applied(mirror, point) : point;
            const there = applied(toFlat, point);
            expect(there.x).toBeCloseTo(back.x, 6);
            expect(there.y).toBeCloseTo(back.y, 6);
          }
      }),
      runs,
    );
  });

  it("shows shares that make one, whichever way it is looked at", () => {
    fc.assert(
      fc.property(steps, map, view, (asked, colours, from) => {
        const cloth = folded(flatCloth(width, height), asked);
        const shares = sharesOf(seenOf(cloth, from), patchesOf(colours, width, height));
        expect(shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 6);
      }),
      runs,
    );
  });

  it("shows as much from the back as from the front: the outline is one", () => {
    fc.assert(
      fc.property(steps, (asked) => {
        const cloth = folded(flatCloth(width, height), asked);
        const seenFrom = (from: View) =>
          seenOf(cloth, from).reduce((sum, { outline }) => sum + areaOf(outline), 0);
        expect(seenFrom("back")).toBeCloseTo(seenFrom("front"), 3);
      }),
      runs,
    );
  });

  it("shows the mirrored colours when the cloth and every fold of it are mirrored", () => {
    const mirrored = ({ through, angle, side, over }: FoldStep): FoldStep => ({
      through: { x: width - through.x, y: through.y },
      angle: 180 - angle,
      side: side === "left" ? "right" : "left",
      over,
    });
    fc.assert(
      fc.property(steps, map, view, (asked, colours, from) => {
        const shares = (all: readonly FoldStep[], rows: ColourMap["rows"]) =>
          new Map(
            sharesOf(
              seenOf(folded(flatCloth(width, height), all), from),
              patchesOf({ rows }, width, height),
            ).map(({ colour, face, share }) => [`${colour} ${face}`, share]),
          );
        const one = shares(asked, colours.rows);
        const other = shares(
          asked.map(mirrored),
          colours.rows.map((row) => [...row].reverse()),
        );
        for (const key of new Set([...one.keys(), ...other.keys()]))
          expect(other.get(key) ?? 0).toBeCloseTo(one.get(key) ?? 0, 5);
      }),
      runs,
    );
  });
});

describe("a colour map", () => {
  it("is rectangles that cover the cloth once, each of the colour of its cells", () => {
    fc.assert(
      fc.property(map, (colours) => {
        const patches = patchesOf(colours, width, height);
        expect(patches.reduce((sum, { outline }) => sum + areaOf(outline), 0)).toBeCloseTo(width * height, 6);
        const { rows } = colours;
        const across = rows[0]?.length ?? 1;
        rows.forEach((row, down) =>
          row.forEach((colour, right) => {
            const at = {
              x: ((right + 0.5) * width) / across,
              y: height - ((down + 0.5) * height) / rows.length,
            };
            const holding = patches.filter(({ outline: [low, , high] }) =>
              low && high ? low.x < at.x && at.x < high.x && low.y < at.y && at.y < high.y : false,
            );
            expect(holding.map((patch) => patch.colour)).toEqual([colour]);
          }),
        );
      }),
      runs,
    );
  });

  it("wants cells, and rows of one length", () => {
    expect(() => patchesOf({ rows: [] }, 1, 1)).toThrow(RangeError);
    expect(() => patchesOf({ rows: [[1, 2], [1]] }, 1, 1)).toThrow(RangeError);
  });
});
