import type { FoldedGrid, GridCell } from "@/core/scarf/grid";

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

/** The cells of the picture a strip shows, as paths by colour; what the grid has no cloth for is left out. */
export function colouredStrip(
  strip: Strip,
  grid: FoldedGrid,
  fillOf: (cell: GridCell) => string,
): Coloured[] {
  const paths = new Map<string, string>();
  eachRun(strip, grid, fillOf, (fill, at, from, to) => {
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

/** Runs of one colour across a strip, cut by cut. */
function eachRun(
  { from, to }: Strip,
  grid: FoldedGrid,
  fillOf: (cell: GridCell) => string,
  draw: (fill: string, at: number, from: number, to: number) => void,
) {
  for (let at = 0; at < cuts; at += 1) {
    const share = from + ((to - from) * (at + 0.5)) / cuts;
    const column = Math.min(grid.along - 1, Math.max(0, Math.floor(share * grid.along)));
    let begun = 0;
    let fill: string | null = null;
    for (let v = 0; v <= grid.across; v += 1) {
      const cell = v < grid.across ? grid.cells[column * grid.across + v] : null;
      const next = cell ? fillOf(cell) : null;
      if (next === fill) continue;
      if (fill !== null) draw(fill, at, begun / grid.across, v / grid.across);
      [fill, begun] = [next, v];
    }
  }
}

/** The outline of what a strip shows of the cloth: along one edge and back along the other. */
export function outlineOf(strip: Strip, grid: FoldedGrid): string {
  const edges = Array.from({ length: cuts + 1 }, (_, i) => {
    const along = i / cuts;
    const [low, high] = clothAt(grid, strip.from + (strip.to - strip.from) * along);
    return [strip.place(along, low), strip.place(along, high)] as const;
  });
  return closed([...edges.map(([low]) => low), ...edges.map(([, high]) => high).reverse()]);
}

/** From where to where across (0-1) a grid has cloth at a share of its length. */
function clothAt({ along, across, cells }: FoldedGrid, share: number): readonly [number, number] {
  const column = Math.min(along - 1, Math.max(0, Math.floor(share * along)));
  let [low, high] = [across, 0];
  for (let v = 0; v < across; v += 1) if (cells[column * across + v]) [low, high] = [Math.min(low, v), v + 1];
  return low >= high ? [0.5, 0.5] : [low / across, high / across];
}

/** A line that runs along a strip at a share of its width, between two shares of its way: a fold of the cloth. */
export function lineAlong(strip: Strip, across: number, [from, to]: readonly [number, number]): string {
  const steps = 9;
  const points = Array.from({ length: steps + 1 }, (_, i) =>
    strip.place(from + ((to - from) * i) / steps, across),
  );
  return `M${points.map(spot).join("L")}`;
}

/** The side of a strip that lies away from the light at the upper left: from a share of its width to its edge. */
export function shadeOf(strip: Strip, grid: FoldedGrid): string {
  const [one, other] = [strip.place(0.5, 0), strip.place(0.5, 1)];
  const isUpper = other.x + other.y * 0.6 > one.x + one.y * 0.6;
  const points = Array.from({ length: cuts + 1 }, (_, i) => {
    const along = i / cuts;
    const [low, high] = clothAt(grid, strip.from + (strip.to - strip.from) * along);
    const deep = (0.3 + 0.08 * Math.sin(along * 5)) * (high - low);
    const [near, far] = isUpper ? [high - deep, high] : [low + deep, low];
    return [strip.place(along, near), strip.place(along, far)] as const;
  });
  return closed([...points.map(([near]) => near), ...points.map(([, far]) => far).reverse()]);
}
