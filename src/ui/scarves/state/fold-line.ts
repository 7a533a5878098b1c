import { fold, type FoldStep } from "@/core/scarf/fold";
import { areaOf } from "@/core/scarf/plane";

/** A place on the table, cm. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

export type Line = readonly [Spot, Spot];

/** What lies on the table: its left and upper edge, its width and height, cm, downwards as a picture has it. */
export type Box = readonly [number, number, number, number];

/** How short a drawn line is no line, cm. */
const shortest = 3;

export function isTooShort([from, to]: Line): boolean {
  return Math.hypot(to.x - from.x, to.y - from.y) < shortest;
}

/** The fold along a line, of the smaller side over or under the other; null where the line does not cross the cloth. */
export function foldOver(cloth: Cloth, [from, to]: Line, over: boolean): FoldStep | null {
  const angle = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  return smallerSide(cloth, { through: from, angle, side: "left", over });
}

/** A line through the middle of what lies there. */
export function lineAtMiddle([x, y, wide, tall]: Box, way: "across" | "along" | "corner"): Line {
  const middle = { x: x + wide / 2, y: -(y + tall / 2) };
  if (way === "across")
    return [
      { x: middle.x, y: -(y + tall) },
      { x: middle.x, y: -y },
    ];
  if (way === "along")
    return [
      { x, y: middle.y },
      { x: x + wide, y: middle.y },
    ];
  return [
    { x, y: -(y + tall) },
    { x: x + wide, y: -y },
  ];
}

type Cloth = Parameters<typeof fold>[0];

/** The fold with the smaller side as the one that moves; null where the line does not cross the cloth. */
function smallerSide(cloth: Cloth, step: FoldStep): FoldStep | null {
  const before = cloth.layers.length;
  const left = movedArea(cloth, step);
  const right = movedArea(cloth, { ...step, side: "right" });
  if (before === 0 || left < 1 || right < 1) return null;
  return left <= right ? step : { ...step, side: "right" };
}

/** How much of the cloth a fold turns over, cm2: what lies to the side that moves. */
function movedArea(cloth: Cloth, step: FoldStep): number {
  const turned = fold(cloth, step).layers;
  // What stays keeps its way to the flat cloth; what moved has a new one.
  const known = new Set(cloth.layers.map(({ toFlat }) => toFlat));
  return turned
    .filter(({ toFlat }) => !known.has(toFlat))
    .reduce((sum, { outline }) => sum + areaOf(outline), 0);
}
