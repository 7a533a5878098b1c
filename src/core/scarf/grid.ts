import type { ColourMap } from "./colour-map";
import { extentOf, type Face, type FoldedCloth } from "./fold";
import { namedFolds } from "./folds";
import { mapOf, type ClothPicture } from "./picture";
import { applied, edgesOf, leftOf, lineAt, type Affine, type Line } from "./plane";
import { foldOf, sidesOf, type Cloth } from "./tied";
import type { FoldAsked } from "./laid-out";

/** What lies uppermost at one place of a folded scarf. */
export interface GridCell {
  readonly colour: number;
  readonly face: Face;
  /** Which way the picture's top lies there: so far along the folded length and across it, together of length 1. */
  readonly top: { readonly along: number; readonly across: number };
}

/**
 * A folded scarf as a grid: along its length from its left end, and across from its lower edge to its upper one. Null
 * where there is no cloth. It is what the drawings are coloured by; shares are worked out exactly elsewhere.
 */
export interface FoldedGrid {
  readonly along: number;
  readonly across: number;
  readonly cells: readonly (GridCell | null)[];
}

/** From where to where across (0-1) a folded scarf has cloth at a share of its length. */
export type ClothEdges = (share: number) => readonly [low: number, high: number];

/** The edges of a folded scarf, exactly: what its drawings are outlined by. */
export function clothEdges(folded: FoldedCloth, axis: number): ClothEdges {
  const { along, across } = extentOf(folded, axis);
  const { along: way } = lineAt({ x: 0, y: 0 }, axis);
  const sides = folded.layers.flatMap(({ outline }) =>
    outline.map((from, i) => {
      const to = outline[(i + 1) % outline.length] ?? from;
      return [from, to].map(({ x, y }) => ({ far: x * way.x + y * way.y, wide: y * way.x - x * way.y }));
    }),
  );
  const width = across.to - across.from;
  return (share) => {
    const far = along.from + share * (along.to - along.from);
    let [low, high] = [Infinity, -Infinity];
    for (const [one, other] of sides) {
      if (!one || !other) continue;
      const run = other.far - one.far;
      const part = Math.abs(run) < onSide ? 0 : (far - one.far) / run;
      if (part < -onSide || part > 1 + onSide || (run === 0 && Math.abs(far - one.far) > onSide)) continue;
      const wide = one.wide + part * (other.wide - one.wide);
      [low, high] = [Math.min(low, wide), Math.max(high, wide)];
    }
    if (low > high) return [0.5, 0.5];
    return [(low - across.from) / width, (high - across.from) / width];
  };
}

/** What is nearer to a side than this lies on it, cm. */
const onSide = 1e-6;

interface Sheet {
  readonly edges: readonly Line[];
  readonly toFlat: Affine;
  readonly up: Face;
  readonly pictureTop: GridCell["top"];
}

/** The picture of a folded scarf from the front, so many places along and across. */
export function gridOf(
  cloth: Cloth,
  picture: ClothPicture,
  asked: FoldAsked,
  [along, across]: readonly [number, number],
): FoldedGrid {
  const folded = foldOf(cloth, asked);
  const { axis } = namedFolds[asked.fold];
  const place = placesOf(folded, axis, along, across);
  const sheets = [...folded.layers].reverse().map(({ outline, toFlat, up }): Sheet => ({
    edges: edgesOf(outline),
    toFlat,
    up,
    pictureTop: topOf(toFlat, axis),
  }));
  const map = mapOf(picture);
  const sides = sidesOf(cloth);
  const cells: (GridCell | null)[] = [];
  for (let u = 0; u < along; u += 1)
    for (let v = 0; v < across; v += 1) {
      const at = place(u, v);
      const top = sheets.find(({ edges }) => edges.every((edge) => leftOf(edge, at) >= 0));
      cells.push(
        top
          ? { colour: colourAt(map, sides, applied(top.toFlat, at)), face: top.up, top: top.pictureTop }
          : null,
      );
    }
  return { along, across, cells };
}

/** Which way the top of the flat picture lies on a layer: the flat cloth's upward edge taken back by an isometry. */
function topOf({ b, d }: Affine, axis: number): GridCell["top"] {
  const { along: way } = lineAt({ x: 0, y: 0 }, axis);
  return { along: b * way.x + d * way.y, across: d * way.x - b * way.y };
}

/** The middle of a place of the grid on the plane the folded cloth lies on. */
function placesOf(folded: FoldedCloth, axis: number, along: number, across: number) {
  const extent = extentOf(folded, axis);
  const { along: way } = lineAt({ x: 0, y: 0 }, axis);
  const length = (extent.along.to - extent.along.from) / along;
  const width = (extent.across.to - extent.across.from) / across;
  return (u: number, v: number) => {
    const far = extent.along.from + (u + 0.5) * length;
    const wide = extent.across.from + (v + 0.5) * width;
    return { x: way.x * far - way.y * wide, y: way.y * far + way.x * wide };
  };
}

/** The number of the colour at a place of the flat cloth, its lower left corner at the origin. */
function colourAt(
  { rows }: ColourMap,
  [width, height]: readonly [number, number],
  at: { x: number; y: number },
) {
  const index = (share: number, count: number) => Math.min(count - 1, Math.max(0, Math.floor(share * count)));
  const row = rows[index(1 - at.y / height, rows.length)] ?? [];
  return row[index(at.x / width, row.length)] ?? 0;
}

/** The colours of a stretch of a grid (shares of its length), by how many of its places have them. */
export function countedAlong(
  { along, across, cells }: FoldedGrid,
  from: number,
  to: number,
): Map<number, number> {
  const counts = new Map<number, number>();
  const [first, last] = [
    Math.floor(from * along),
    Math.max(Math.floor(from * along) + 1, Math.ceil(to * along)),
  ];
  for (let at = first * across; at < Math.min(last, along) * across; at += 1) {
    const cell = cells[at];
    if (!cell) continue;
    const key = cell.colour * 2 + (cell.face === "right" ? 0 : 1);
    counts.set(key, (counts.get(key) ?? 0) + 1);
  }
  return counts;
}
