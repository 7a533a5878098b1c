import type { Measure } from "./measurements";
import { monotoneCubic } from "./monotone-cubic";

type LegMeasure = "ankle" | "calf" | "knee" | "thigh" | "ankleBone" | "calfLine" | "kneeLine";

/** Heights, as shares of the body height, of the narrowest ankle and of the mid-thigh. */
const narrowest = 0.061;
const midThigh = 0.405;
/** How much thicker the leg is over the ankle bone than at its narrowest, cm. */
const overBone = 2.5;

/**
 * Leg girth by height above the footbed, in cm: a monotone cubic through ankle bone, narrowest ankle,
 * widest calf, knee and mid-thigh. Below the bone it keeps the bone's girth.
 */
export function legGirth(
  measures: Readonly<Record<LegMeasure, Measure>>,
  height: number,
): (height: number) => number {
  return monotoneCubic([
    { x: measures.ankleBone.cm, y: measures.ankle.cm + overBone },
    { x: narrowest * height, y: measures.ankle.cm },
    { x: measures.calfLine.cm, y: measures.calf.cm },
    { x: measures.kneeLine.cm, y: measures.knee.cm },
    { x: midThigh * height, y: measures.thigh.cm },
  ]);
}
