import {
  measurementNames,
  measurements,
  type Measure,
  type Measured,
  type MeasurementName,
} from "./measurements";
import { legGirth } from "./leg-girth";

/** A body ready to be dressed: every landmark and girth, measured or estimated. */
export interface Body {
  readonly height: number;
  readonly measures: Readonly<Record<MeasurementName, Measure>>;
  /**
   * Leg girth in cm at a height above the footbed, or null when the girths it rests on (ankle, calf,
   * knee, thigh) were not all measured: a girth guessed from the height would decide fits it cannot know.
   */
  readonly legGirth: ((height: number) => number) | null;
  /** The girths that are missing for `legGirth`. */
  readonly missingLeg: readonly MeasurementName[];
}

const legGirths = ["ankle", "calf", "knee", "thigh"] as const;

/** Works out every landmark and girth of a body from what was measured. */
export function bodyOf(measured: Measured): Body {
  const { height } = measured;
  const entries = measurementNames.map((name): [MeasurementName, Measure] => {
    const cm = measured[name];
    if (cm !== undefined) return [name, { cm, estimated: false }];
    const spec = measurements[name];
    const share = "share" in spec ? spec.share : "drawn" in spec ? spec.drawn : 1;
    return [name, { cm: share * height, estimated: true }];
  });
  const measures = Object.fromEntries(entries) as Record<MeasurementName, Measure>;
  const missingLeg = legGirths.filter((name) => measures[name].estimated);
  return {
    height,
    measures,
    missingLeg,
    legGirth: missingLeg.length === 0 ? legGirth(measures, height) : null,
  };
}
