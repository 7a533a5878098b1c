import { sleeveEnds } from "@/core/body/sleeve-ends";
import type { PieceOf } from "@/core/piece/piece";
import type { Part } from "../../cloth/shape";
import type { Paint } from "../../paint";
import type { Frame } from "../frame";
import { armEdges, armPath, leftOf, rightOf, type LimbEdges } from "../limbs";
import { arc, curve, lightAlong, onSide, outline, shadeAlong } from "../path";
import { armhole } from "./cut";
import { elbowFolds, type Fall } from "./folds";

type Sleeve = PieceOf<"top">["figures"]["sleeve"];

interface SleevesOf {
  readonly sleeve: Sleeve;
  readonly frame: Frame;
  /** How far the sleeve stands off the arm, cm. */
  readonly ease: number;
  readonly paint: Paint;
  readonly fall: Fall;
  /** How far up a cuff or a rib reaches, cm; 0 for a plain hem. */
  readonly cuff: number;
  /** Where the sleeve begins instead of at the shoulder, cm above the footbed; for shoulders that are bare. */
  readonly startsAt?: number;
  /** A padded shoulder stands so much higher, cm. */
  readonly raised?: number;
}

/** What a pair of sleeves adds to the shape of its garment. */
interface Sleeves {
  readonly parts: readonly Part[];
  readonly shades: readonly string[];
  readonly lights: readonly string[];
  readonly folds: readonly string[];
  readonly seams: readonly string[];
}

const none: Sleeves = { parts: [], shades: [], lights: [], folds: [], seams: [] };
const sides = [1, -1] as const;

/** Both sleeves to where they end; nothing for a sleeveless garment. */
export function sleevesOf({
  sleeve,
  frame,
  ease,
  paint,
  fall,
  cuff,
  raised = 0,
  startsAt,
}: SleevesOf): Sleeves {
  const end = sleeveEnds[sleeve];
  if (end === null) return none;
  const { measures, height: H } = frame.body;
  const to = end * H;
  const whole = armEdges(frame, ease, to, raised);
  const edges =
    startsAt === undefined
      ? whole
      : {
          ...whole,
          outer: [
            { x: frame.armAxis(startsAt) + frame.armHalf(startsAt) + ease, h: startsAt },
            ...whole.outer.filter(({ h }) => h < startsAt - 1),
          ],
        };
  const half = frame.armHalf(measures.elbow.cm) + ease;
  const within = <T>(make: (side: number) => T): T[] => sides.map(make);
  const at = (h: number) => ({ axis: frame.armAxis(h), half: frame.armHalf(h) + ease });
  const cuffLine = (side: number) => {
    const { axis, half: wide } = at(to + cuff);
    return curve(onSide(side, arc({ x: axis - wide, h: to + cuff }, { x: axis + wide, h: to + cuff }, 0.5)));
  };
  return {
    parts: within((side) => ({
      d: startsAt === undefined ? armPath(frame, side, edges, 0.6) : fromTheArm(side, edges),
      fill: paint.fillOnArm(side),
    })),
    shades: within((side) => shadeAlong(rightOf(edges, side).slice(side > 0 ? 2 : 0), half * 0.62, 0.9)),
    lights: within((side) => lightAlong(leftOf(edges, side).slice(2), half * 0.4, half * 0.4)),
    folds: [
      ...(to < measures.elbow.cm - 0.02 * H ? elbowFolds(frame, ease, fall) : []),
      ...(cuff > 0 ? within((side) => gathered(frame, side, to + cuff, ease)) : []),
    ],
    seams: [
      ...(startsAt === undefined ? within((side) => curve(onSide(side, armhole(frame, ease * 0.4)))) : []),
      ...(cuff > 0 ? within(cuffLine) : []),
    ],
  };
}

/** A sleeve that begins on the arm, below a bare shoulder. */
function fromTheArm(side: number, { outer, inner }: LimbEdges): string {
  return outline(onSide(side, outer), onSide(side, [...inner].reverse()));
}

/** The cloth that is taken in at a cuff stands a little out over it. */
function gathered(frame: Frame, side: number, h: number, ease: number): string {
  const half = frame.armHalf(h) + ease;
  const x = frame.armAxis(h + 2.4);
  return curve(
    onSide(side, [
      { x: x - half * 0.6, h: h + 2.6 },
      { x: x - half * 0.1, h: h + 1.7 },
      { x: x + half * 0.5, h: h + 2.4 },
    ]),
  );
}
