import type { ClothEdges, FoldedGrid, GridCell } from "@/core/scarf/grid";

/** A point of the drawing, cm, y down. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** A stretch of a folded scarf as it lies in the drawing. */
export interface Strip {
  /** A place of it: so far along (0-1) and so far across (0-1, from the folded cloth's lower edge to its upper one). */
  readonly place: (along: number, across: number) => Spot;
  /** The shares of the folded length at its first end and at its last. */
  readonly from: number;
  readonly to: number;
  /** What of it is seen, where that is not bounded by the edges of the cloth: a path. */
  readonly within?: string;
  /** It is spread out and not a band: light falls on its left. */
  readonly spread?: true;
}

/** A folded scarf as a drawing needs it: its picture, its edges, and the fill of a place of it. */
export interface FoldedLook {
  readonly grid: FoldedGrid;
  readonly edges: ClothEdges;
  readonly fillOf: (cell: GridCell) => string;
}

/** The middle line of a strip: four points of a cubic curve. */
export type Middle = readonly [Spot, Spot, Spot, Spot];

/** Closed paths by the fill they have. */
export interface Coloured {
  readonly fill: string;
  readonly d: string;
}

/** How finely a strip is cut along its length. */
const cuts = 26;
/** Each small quadrilateral reaches a little over the next, so that nothing shines through. */
const lap = 0.06;

/** A point of a cubic curve and its direction, of length 1. */
function onCurve([a, b, c, d]: Middle, t: number): { readonly at: Spot; readonly way: Spot } {
  const s = 1 - t;
  const mixed = (p: keyof Spot) =>
    s ** 3 * a[p] + 3 * s * s * t * b[p] + 3 * s * t * t * c[p] + t ** 3 * d[p];
  const slope = (p: keyof Spot) =>
    3 * s * s * (b[p] - a[p]) + 6 * s * t * (c[p] - b[p]) + 3 * t * t * (d[p] - c[p]);
  const [dx, dy] = [slope("x"), slope("y")];
  const long = Math.hypot(dx, dy) || 1;
  return { at: { x: mixed("x"), y: mixed("y") }, way: { x: dx / long, y: dy / long } };
}

/**
 * A strip along a curve, so wide to either side of it. The cloth is never mirrored: where it runs from a higher share of
 * its length to a lower one, its upper edge lies on the other side of the way.
 */
export function alongCurve(
  middle: Middle,
  half: (along: number) => number,
  { from, to }: { readonly from: number; readonly to: number },
): Strip {
  const side = to >= from ? 1 : -1;
  return {
    from,
    to,
    place(along, across) {
      const { at, way } = onCurve(middle, along);
      const off = (across - 0.5) * 2 * half(along) * side;
      return { x: at.x + way.y * off, y: at.y - way.x * off };
    },
  };
}

const two = (value: number) => Math.round(value * 100) / 100;
const spot = ({ x, y }: Spot) => `${two(x)} ${two(y)}`;
const closed = (points: readonly Spot[]) => `M${points.map(spot).join("L")}Z`;

/** The cells of the picture a strip shows, as paths by colour; they reach over its outline, within which they are drawn. */
export function colouredStrip(strip: Strip, look: FoldedLook): Coloured[] {
  const paths = new Map<string, string>();
  eachRun(strip, look, (fill, at, from, to) => {
    const [begin, end] = [at / cuts, Math.min(1, (at + 1) / cuts + lap / cuts)];
    const quad = closed([
      strip.place(begin, from),
      strip.place(begin, to),
      strip.place(end, to),
      strip.place(end, from),
    ]);
    paths.set(fill, (paths.get(fill) ?? "") + quad);
  });
  return [...paths].map(([fill, d]) => ({ fill, d }));
}

/** Runs of one colour across a strip, cut by cut; the first and the last of a cut reach to the edges of the cloth. */
function eachRun(
  { from, to }: Strip,
  { grid, edges, fillOf }: FoldedLook,
  draw: (fill: string, at: number, from: number, to: number) => void,
) {
  for (let at = 0; at < cuts; at += 1) {
    const [begin, end] = [at, at + 1].map((each) => edges(from + ((to - from) * each) / cuts));
    const share = from + ((to - from) * (at + 0.5)) / cuts;
    const column = Math.min(grid.along - 1, Math.max(0, Math.floor(share * grid.along)));
    const fills = Array.from({ length: grid.across }, (_, v) => grid.cells[column * grid.across + v]);
    const first = fills.findIndex((cell) => cell);
    const last = fills.findLastIndex((cell) => cell);
    if (first < 0 || !begin || !end) continue;
    let begun = Math.min(begin[0], end[0], first / grid.across);
    for (let v = first; v <= last; v += 1) {
      const cell = fills[v] ?? fills[first];
      const next = fills[v + 1] ?? null;
      if (!cell || (next && fillOf(next) === fillOf(cell))) continue;
      const until = v === last ? Math.max(begin[1], end[1], (v + 1) / grid.across) : (v + 1) / grid.across;
      draw(fillOf(cell), at, begun, until);
      begun = until;
    }
  }
}

/** The outline of what a strip shows of the cloth: along one edge and back along the other. */
export function outlineOf(strip: Strip, edges: ClothEdges): string {
  if (strip.within) return strip.within;
  const both = Array.from({ length: cuts + 1 }, (_, i) => {
    const along = i / cuts;
    const [low, high] = edges(strip.from + (strip.to - strip.from) * along);
    return [strip.place(along, low), strip.place(along, high)] as const;
  });
  return closed([...both.map(([low]) => low), ...both.map(([, high]) => high).reverse()]);
}

/** A line that runs along a strip at a share of its cloth's width, between two shares of its way: a fold of the cloth. */
export function lineAlong(
  strip: Strip,
  edges: ClothEdges,
  across: number,
  [from, to]: readonly [number, number],
): string {
  const steps = 9;
  const points = Array.from({ length: steps + 1 }, (_, i) => {
    const along = from + ((to - from) * i) / steps;
    const [low, high] = edges(strip.from + (strip.to - strip.from) * along);
    return strip.place(along, low + (high - low) * across);
  });
  return `M${points.map(spot).join("L")}`;
}

/** Where the side of a spread cloth begins that lies away from the light, as a share of its way. */
const shadedFrom = 0.7;

/** The side of a strip that lies away from the light at the upper left: of a band from a share of its width to its edge. */
export function shadeOf(strip: Strip, edges: ClothEdges): string {
  if (strip.spread) {
    const part = { ...strip, from: strip.from + (strip.to - strip.from) * shadedFrom };
    const place: Strip["place"] = (along, across) =>
      strip.place(shadedFrom + (1 - shadedFrom) * along, across);
    return outlineOf({ ...part, place }, edges);
  }
  const [one, other] = [strip.place(0.5, 0), strip.place(0.5, 1)];
  const isUpper = other.x + other.y * 0.6 > one.x + one.y * 0.6;
  const points = Array.from({ length: cuts + 1 }, (_, i) => {
    const along = i / cuts;
    const [low, high] = edges(strip.from + (strip.to - strip.from) * along);
    const deep = (0.3 + 0.08 * Math.sin(along * 5)) * (high - low);
    const [near, far] = isUpper ? [high - deep, high] : [low + deep, low];
    return [strip.place(along, near), strip.place(along, far)] as const;
  });
  return closed([...points.map(([near]) => near), ...points.map(([, far]) => far).reverse()]);
}
