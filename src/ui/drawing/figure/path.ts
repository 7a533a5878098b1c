import { curveCatmullRom, line } from "d3-shape";

export interface Point {
  readonly x: number;
  /** Height above the footbed. */
  readonly h: number;
}

const smooth = line<Point>(
  (p) => p.x,
  (p) => -p.h,
)
  .curve(curveCatmullRom.alpha(0.5))
  // A tenth of a millimetre is finer than any window shows.
  .digits(2);

/** A smooth path through points; heights go up, so they are drawn as negative y. */
export function curve(points: readonly Point[]): string {
  return smooth([...points]) ?? "";
}

/** A closed shape, symmetric about the plumb line, from the points of its right side, top to bottom. */
export function mirrored(right: readonly Point[]): string {
  const left = [...right].reverse().map((p) => ({ x: -p.x, h: p.h }));
  return `${curve(right)} L ${curve(left).slice(1)} Z`;
}

/** A closed band between an outer and an inner edge, both from top to bottom. */
export function band(outer: readonly Point[], inner: readonly Point[]): string {
  return `${curve(outer)} L ${curve([...inner].reverse()).slice(1)} Z`;
}

/** The same points on the other side of the plumb line. */
export function across(points: readonly Point[]): Point[] {
  return points.map((p) => ({ x: -p.x, h: p.h }));
}
