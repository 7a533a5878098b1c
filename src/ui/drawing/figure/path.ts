import { curveCatmullRom, line } from "d3-shape";

export interface Point {
  readonly x: number;
  /** Height above the footbed. */
  readonly h: number;
}

/** What a canvas takes for a curve: its two handles, and where it ends. */
type CurveTo = readonly [x1: number, y1: number, x2: number, y2: number, x: number, y: number];

/**
 * Writes a path with every point told from the one before it, in hundredths of a centimetre: half as long as with
 * places from the origin, and finer than any window shows.
 */
class ShortPath {
  private written = "";
  private x = 0;
  private y = 0;

  moveTo(x: number, y: number) {
    this.written += "M";
    this.point(x, y, false);
    this.goTo(x, y);
  }

  lineTo(x: number, y: number) {
    this.written += "l";
    this.point(x, y, false);
    this.goTo(x, y);
  }

  bezierCurveTo(...[x1, y1, x2, y2, x, y]: CurveTo) {
    this.written += "c";
    this.point(x1, y1, false);
    this.point(x2, y2, true);
    this.point(x, y, true);
    this.goTo(x, y);
  }

  closePath() {
    this.written += "z";
  }

  toString() {
    return this.written;
  }

  private goTo(x: number, y: number) {
    this.x = Math.round(x * 100);
    this.y = Math.round(y * 100);
  }

  private point(x: number, y: number, afterNumber: boolean) {
    this.number(Math.round(x * 100) - this.x, afterNumber);
    this.number(Math.round(y * 100) - this.y, true);
  }

  /** A minus sign parts two numbers as well as a space does. */
  private number(hundredths: number, afterNumber: boolean) {
    const sign = hundredths < 0 ? "-" : afterNumber ? " " : "";
    this.written += sign + inCentimetres(Math.abs(hundredths));
  }
}

/** Whole hundredths as centimetres, put together from small whole numbers: writing out a fraction takes far longer. */
function inCentimetres(hundredths: number): string {
  const rest = hundredths % 100;
  const whole = (hundredths - rest) / 100;
  if (rest === 0) return String(whole);
  const fraction = rest < 10 ? `.0${rest}` : rest % 10 === 0 ? `.${rest / 10}` : `.${rest}`;
  return whole === 0 ? fraction : `${whole}${fraction}`;
}

const smooth = line<Point>(
  (p) => p.x,
  (p) => -p.h,
).curve(curveCatmullRom.alpha(0.5));

/** Smooth runs one after another, a straight line from the end of each to the beginning of the next. */
function drawn(runs: readonly (readonly Point[])[], closed: boolean): string {
  const path = new ShortPath();
  let begun = false;
  const pen = {
    moveTo: (x: number, y: number) => {
      if (begun) path.lineTo(x, y);
      else path.moveTo(x, y);
      begun = true;
    },
    lineTo: (x: number, y: number) => path.lineTo(x, y),
    bezierCurveTo: (...to: CurveTo) => path.bezierCurveTo(...to),
    // d3 closes a run of one point; a run here is closed by whoever asks for an outline.
    closePath: () => undefined,
  };
  const write = smooth.context(pen as unknown as CanvasRenderingContext2D);
  for (const run of runs) if (run.length > 0) write([...run]);
  if (closed) path.closePath();
  return path.toString();
}

/** A smooth path through points; heights go up, so they are drawn as negative y. */
export function curve(points: readonly Point[]): string {
  return drawn([points], false);
}

/** A closed shape of smooth runs with a corner wherever one run ends and the next begins. */
export function outline(...runs: readonly (readonly Point[])[]): string {
  return drawn(runs, true);
}

/** A closed shape, symmetric about the plumb line, from the points of its right side, top to bottom. */
export function mirrored(right: readonly Point[]): string {
  return outline(right, across(right).reverse());
}

/** A closed band between an outer and an inner edge, both from top to bottom. */
export function band(outer: readonly Point[], inner: readonly Point[]): string {
  return outline(outer, [...inner].reverse());
}

/** The same points on the other side of the plumb line. */
export function across(points: readonly Point[]): Point[] {
  return points.map((p) => ({ x: -p.x, h: p.h }));
}

/** The points as they are for the right of the picture, mirrored for its left. */
export function onSide(side: number, points: readonly Point[]): Point[] {
  return side > 0 ? [...points] : across(points);
}

/** A shallow arc from one point to another, seen from a little above: its middle hangs `sag` cm below its ends. */
export function arc(from: Point, to: Point, sag: number): Point[] {
  return [from, { x: (from.x + to.x) / 2, h: (from.h + to.h) / 2 - sag }, to];
}

/** Heights from one down to another in equal steps of about `step` cm, both ends among them. */
export function heightsBetween(from: number, to: number, step: number): number[] {
  const count = Math.max(1, Math.ceil((from - to) / step));
  return Array.from({ length: count + 1 }, (_, i) => from - ((from - to) * i) / count);
}

/** Part of an edge, from its top down, between two heights. */
export function between(edge: readonly Point[], top: number, bottom: number): Point[] {
  return edge.filter(({ h }) => h <= top && h >= bottom);
}

/** How wide a strip along an edge is at a share of its length: it swells from nothing and thins out to the end. */
const swell = (share: number, end: number) => {
  const rising = Math.min(1, share / 0.22);
  const falling = Math.min(1, (1 - share) / 0.3);
  return Math.sin((rising * Math.PI) / 2) * (end + (1 - end) * Math.sin((falling * Math.PI) / 2));
};

/**
 * The side of a shape that lies in shadow: a strip along its right edge, `wide` cm at its widest and `end` of that at
 * its lower end. It reaches over the edge, so it is drawn within the shape's outline.
 * @param edge from top to bottom
 */
export function shadeAlong(edge: readonly Point[], wide: number, end = 0.75): string {
  const last = Math.max(1, edge.length - 1);
  const over = edge.map(({ x, h }) => ({ x: x + 1.5, h }));
  const inner = edge.map(({ x, h }, i) => ({ x: x - wide * swell(i / last, end), h }));
  return band(over, inner);
}

/** A streak of light along a shape's left edge, `inset` cm from it and `wide` cm at its widest. */
export function lightAlong(edge: readonly Point[], inset: number, wide: number): string {
  const last = Math.max(1, edge.length - 1);
  const near = edge.map(({ x, h }) => ({ x: x + inset, h }));
  const far = edge.map(({ x, h }, i) => ({ x: x + inset + wide * swell(i / last, 0), h }));
  return band(far, near);
}
