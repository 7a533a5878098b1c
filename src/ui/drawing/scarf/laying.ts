import type { ClothEdges } from "@/core/scarf/grid";
import type { Tied } from "@/core/scarf/tied";
import type { TiePart } from "@/core/scarf/ties/define-tie";
import type { Frame } from "../figure/frame";
import type { Seat } from "./seats";
import type { Spot, Strip } from "./strip";

/** What a stretch of a tied scarf is laid by. */
export interface Laying {
  readonly tied: Tied;
  readonly seat: Seat;
  readonly frame: Frame;
  readonly edges: ClothEdges;
}

/** How a stretch of a tied scarf comes to lie: as one strip or several. */
export type Lay = (part: TiePart, laying: Laying) => readonly Strip[];

/** A place between two, so far (0-1) from the one to the other. */
export function between(one: Spot, other: Spot, share: number): Spot {
  return { x: one.x + (other.x - one.x) * share, y: one.y + (other.y - one.y) * share };
}

/** A place on a smooth line through points, at a share (0-1) of its runs (Catmull-Rom). */
export function onLine(points: readonly Spot[], share: number): Spot {
  const last = points.length - 1;
  const at = Math.min(last - 1e-9, Math.max(0, share * last));
  const i = Math.floor(at);
  const t = at - i;
  const [a, b, c, d] = [i - 1, i, i + 1, i + 2].map((each) => points[Math.min(last, Math.max(0, each))]);
  if (!a || !b || !c || !d) throw new RangeError("a line needs at least two points");
  const mixed = (p: keyof Spot) =>
    0.5 *
    (2 * b[p] +
      (c[p] - a[p]) * t +
      (2 * a[p] - 5 * b[p] + 4 * c[p] - d[p]) * t * t +
      (3 * b[p] - a[p] - 3 * c[p] + d[p]) * t ** 3);
  return { x: mixed("x"), y: mixed("y") };
}
