import type { Body } from "@/core/body/body";
import { monotoneCubic } from "@/core/body/monotone-cubic";

/** Share of a trunk girth that is seen as half its width from the front: trunks are wider than deep. */
const trunkHalf = 0.165;
/** Legs and arms are nearly round: half a width is girth / 2 pi. */
const limbHalf = 1 / (2 * Math.PI);

/** A body as a drawing needs it; x from the plumb line, heights above the footbed, cm. */
export interface Frame {
  readonly body: Body;
  /** Half the trunk's width at a height. */
  trunk(height: number): number;
  /** The leg's axis and half its width at a height. */
  legAxis(height: number): number;
  legHalf(height: number): number;
  readonly shoulderHalf: number;
  readonly neckHalf: number;
  /** The arm from the shoulder down: axis, height and half width. */
  readonly arm: readonly { readonly x: number; readonly height: number; readonly half: number }[];
  readonly wrist: { readonly x: number; readonly height: number };
}

/** Prepares a body for drawing. */
export function frameOf(body: Body): Frame {
  const { measures, height: H } = body;
  const cm = (name: keyof typeof measures) => measures[name].cm;
  const trunk = monotoneCubic([
    { x: cm("crotch"), y: cm("hip") * trunkHalf * 0.98 },
    { x: cm("hipLine"), y: cm("hip") * trunkHalf },
    { x: cm("waistLine"), y: cm("waist") * trunkHalf },
    { x: cm("bustLine"), y: cm("bust") * trunkHalf * 0.96 },
    { x: cm("shoulder") - 0.06 * H, y: cm("bust") * trunkHalf * 0.95 },
    { x: cm("shoulder"), y: cm("shoulderWidth") / 2 },
  ]);
  const thighHalf = cm("thigh") * limbHalf;
  const hipHalf = cm("hip") * trunkHalf;
  const legAxis = monotoneCubic([
    { x: 0, y: 0.052 * H },
    { x: cm("kneeLine"), y: 0.05 * H },
    { x: cm("crotch"), y: Math.max(thighHalf * 0.96, hipHalf - thighHalf) },
  ]);
  const legHalf = monotoneCubic([
    { x: cm("ankleBone"), y: (cm("ankle") + 2) * limbHalf },
    { x: 0.061 * H, y: cm("ankle") * limbHalf },
    { x: cm("calfLine"), y: cm("calf") * limbHalf },
    { x: cm("kneeLine"), y: cm("knee") * limbHalf },
    { x: 0.405 * H, y: thighHalf },
  ]);
  const shoulderHalf = cm("shoulderWidth") / 2;
  const upper = cm("upperArm") * limbHalf;
  const wrist = { x: shoulderHalf + 0.05 * H, height: 0.475 * H };
  return {
    body,
    trunk,
    legAxis,
    legHalf,
    shoulderHalf,
    neckHalf: cm("neck") * limbHalf * 0.92,
    arm: [
      { x: shoulderHalf - upper * 0.85, height: cm("shoulder") - 1, half: upper * 0.95 },
      { x: shoulderHalf + 0.008 * H, height: cm("shoulder") - 0.08 * H, half: upper },
      { x: shoulderHalf + 0.03 * H, height: cm("elbow"), half: upper * 0.8 },
      { x: wrist.x, height: wrist.height, half: cm("wrist") * limbHalf },
    ],
    wrist,
  };
}
