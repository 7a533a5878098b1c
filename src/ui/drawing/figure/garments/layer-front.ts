import { shoulderLine } from "../body-shape";
import type { Frame } from "../frame";
import { curve, onSide, outline, shadeAlong, type Point } from "../path";
import { armhole } from "./cut";

const sides = [1, -1] as const;

/** The fronts of a jacket or a coat. */
export interface Front {
  /** How far the edge of a front is from the middle; below nought, the fronts overlap. */
  readonly gape: number;
  /** Where the lapels meet, cm above the footbed. */
  readonly breaks: number;
  readonly hem: number;
  /** How far the cloth stands off the body, cm. */
  readonly ease: number;
  /** How far the lower corner is rounded away from the middle, cm. */
  readonly cutAway: number;
  /** Whether each front runs out into a point. */
  readonly pointed: boolean;
  /** Whether it falls over the arms instead of being set into armholes. */
  readonly isMantle: boolean;
}

/** Where the edge of a front comes to at the hem: an open one swings a little out. */
function hemX({ gape, cutAway }: Front): number {
  return gape > 0 ? gape + 1.4 + cutAway * 0.5 : gape + cutAway * 0.8;
}

export function frontPath(frame: Frame, side: readonly Point[], sign: number, front: Front): string {
  const { ease, gape, breaks, hem, cutAway, pointed, isMantle } = front;
  const neck = { x: frame.neckHalf * 1.1, h: frame.body.measures.neckPoint.cm + 1 };
  const shoulder = shoulderLine(frame, ease * 0.3).filter(({ x }) => x > neck.x + 0.5);
  const end = side[side.length - 1] ?? { x: 0, h: hem };
  const edge = [
    { x: gape, h: Math.max(breaks - 1, hem + cutAway + 3) },
    { x: gape, h: hem + cutAway + 2 },
    { x: gape + (hemX(front) - gape) * 0.3, h: hem + cutAway * 0.5 },
    { x: hemX(front), h: hem - 0.4 },
  ];
  const corner = { x: hemX(front), h: hem - 0.4 };
  const point = { x: gape + 4, h: hem - 4.5 };
  return outline(
    onSide(sign, [neck, ...shoulder]),
    isMantle ? [] : onSide(sign, armhole(frame, ease)),
    onSide(sign, side),
    onSide(sign, pointed ? [end, point] : [end, { x: (end.x + corner.x) / 2, h: hem - 0.7 }, corner]),
    onSide(sign, [...edge].reverse()),
    onSide(sign, [{ x: gape, h: breaks }]),
  );
}

/** The edges of the fronts from where they break; of a closed layer, only the one that lies over the other. */
export function frontEdges(front: Front, closed: boolean): string {
  const { gape, breaks, hem, cutAway } = front;
  const edge = (sign: number) =>
    curve(
      onSide(sign, [
        { x: gape, h: breaks },
        { x: gape, h: hem + cutAway + 2 },
        { x: gape + (hemX(front) - gape) * 0.3, h: hem + cutAway * 0.5 },
        { x: hemX(front), h: hem - 0.4 },
      ]),
    );
  return (closed ? [1] : [1, -1]).map(edge).join(" ");
}

/** The left front of an open layer turns away from the light along its edge. */
export function underEdge(front: Front): string {
  const { gape, breaks, hem } = front;
  return shadeAlong(
    [breaks, (breaks + hem) / 2, hem].map((h) => ({ x: -gape, h })),
    2.2,
    0.8,
  );
}

/** The ribbed bands down the fronts of a cardigan. */
export function frontBands({ gape, breaks, hem, cutAway }: Front): string[] {
  return sides.map((sign) =>
    curve(
      onSide(sign, [
        { x: gape + 3, h: breaks - 2 },
        { x: gape + 3, h: hem + cutAway + 1 },
      ]),
    ),
  );
}
