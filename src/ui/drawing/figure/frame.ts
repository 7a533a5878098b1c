import type { Body } from "@/core/body/body";
import { wristShare } from "@/core/body/sleeve-ends";
import { monotoneCubic } from "@/core/body/monotone-cubic";

/** Share of a trunk girth that is seen as half its width from the front: trunks are wider than deep. */
const trunkHalf = 0.165;
/** Legs and arms are nearly round: half a width is girth / 2 pi. */
const limbHalf = 1 / (2 * Math.PI);
/** An upper arm that hangs is deeper than wide: what is seen of its half width from the front. */
const armSeen = 0.92;

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
  /** Where arm and trunk part. */
  readonly armpit: { readonly x: number; readonly height: number };
  /** The arm's axis and half its width at a height, from the shoulder to the wrist. */
  armAxis(height: number): number;
  armHalf(height: number): number;
  readonly wrist: { readonly x: number; readonly height: number };
}

/** Prepares a body for drawing. */
export function frameOf(body: Body): Frame {
  const { measures, height: H } = body;
  const cm = (name: keyof typeof measures) => measures[name].cm;
  const shoulderHalf = cm("shoulderWidth") / 2;
  const armpit = {
    x: Math.max(cm("bust") * trunkHalf * 0.9, shoulderHalf * 0.74),
    height: cm("shoulder") - 0.062 * H,
  };
  const trunk = monotoneCubic([
    { x: cm("crotch"), y: cm("hip") * trunkHalf * 0.985 },
    { x: cm("hipLine"), y: cm("hip") * trunkHalf },
    { x: cm("waistLine"), y: cm("waist") * trunkHalf },
    { x: cm("bustLine"), y: cm("bust") * trunkHalf * 0.96 },
    { x: armpit.height, y: armpit.x },
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
    { x: cm("crotch"), y: thighHalf },
  ]);
  const arm = armOf(body, { armpit, shoulderHalf, hipHalf });
  return {
    body,
    trunk,
    legAxis,
    legHalf,
    shoulderHalf,
    neckHalf: cm("neck") * limbHalf * 0.9,
    armpit,
    ...arm,
  };
}

interface ArmRoots extends Pick<Frame, "armpit" | "shoulderHalf"> {
  readonly hipHalf: number;
}

/** An arm that hangs, clear of the hip. */
function armOf(
  { measures, height: H }: Body,
  { armpit, shoulderHalf, hipHalf }: ArmRoots,
): Pick<Frame, "armAxis" | "armHalf" | "wrist"> {
  const cm = (name: keyof typeof measures) => measures[name].cm;
  const upper = cm("upperArm") * limbHalf * armSeen;
  const hang = armpit.x + upper * 0.7;
  const wrist = {
    x: Math.max(hang + 0.045 * H, hipHalf + cm("wrist") * limbHalf + 1.5),
    height: wristShare * H,
  };
  const armAxis = monotoneCubic([
    { x: wrist.height, y: wrist.x },
    { x: cm("elbow"), y: hang + (wrist.x - hang) * 0.55 },
    { x: armpit.height, y: hang },
    { x: cm("shoulder"), y: shoulderHalf - upper * 0.7 },
  ]);
  const armHalf = monotoneCubic([
    { x: wrist.height, y: cm("wrist") * limbHalf },
    { x: wrist.height + 0.045 * H, y: cm("wrist") * limbHalf * 1.18 },
    { x: cm("elbow") - 0.04 * H, y: upper * 0.76 },
    { x: cm("elbow"), y: upper * 0.74 },
    { x: armpit.height - 0.05 * H, y: upper * 0.9 },
    { x: armpit.height, y: upper * 0.94 },
    { x: cm("shoulder"), y: upper * 0.8 },
  ]);
  return { armAxis, armHalf, wrist };
}
