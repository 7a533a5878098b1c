/**
 * Everything that is measured on a body. Heights are above the floor, barefoot; girths are around.
 * `share` is the estimate from the body height where nothing was measured (published anthropometry);
 * girths have no honest estimate for a rule, so theirs, `drawn`, only gives the figure a shape.
 */
export const measurements = {
  height: { label: "Height", kind: "height", min: 90, max: 230 },
  chin: { label: "Chin", kind: "height", share: 0.87, min: 60, max: 205 },
  neckPoint: { label: "Side neck point", kind: "height", share: 0.845, min: 60, max: 200 },
  shoulder: { label: "Shoulder point", kind: "height", share: 0.818, min: 60, max: 195 },
  bustLine: { label: "Bust line", kind: "height", share: 0.72, min: 50, max: 175 },
  elbow: { label: "Elbow", kind: "height", share: 0.63, min: 45, max: 155 },
  waistLine: { label: "Waist line", kind: "height", share: 0.62, min: 45, max: 150 },
  hipLine: { label: "Hip line", kind: "height", share: 0.53, min: 40, max: 130 },
  crotch: { label: "Crotch", kind: "height", share: 0.475, min: 30, max: 120 },
  fingertip: { label: "Fingertip", kind: "height", share: 0.377, min: 25, max: 100 },
  kneeLine: { label: "Knee", kind: "height", share: 0.285, min: 18, max: 75 },
  calfLine: { label: "Widest calf", kind: "height", share: 0.2, min: 10, max: 55 },
  ankleBone: { label: "Ankle bone", kind: "height", share: 0.039, min: 3, max: 14 },
  neck: { label: "Neck base girth", kind: "girth", drawn: 0.215, min: 24, max: 60 },
  shoulderWidth: { label: "Shoulder width", kind: "girth", drawn: 0.234, min: 25, max: 65 },
  bust: { label: "Bust or chest girth", kind: "girth", drawn: 0.545, min: 55, max: 180 },
  waist: { label: "Waist girth", kind: "girth", drawn: 0.445, min: 45, max: 180 },
  hip: { label: "Hip girth", kind: "girth", drawn: 0.57, min: 60, max: 190 },
  thigh: { label: "Mid-thigh girth", kind: "girth", drawn: 0.315, min: 30, max: 100 },
  knee: { label: "Knee girth", kind: "girth", drawn: 0.222, min: 24, max: 70 },
  calf: { label: "Calf girth", kind: "girth", drawn: 0.216, min: 22, max: 65 },
  ankle: { label: "Ankle girth", kind: "girth", drawn: 0.13, min: 15, max: 45 },
  upperArm: { label: "Upper arm girth", kind: "girth", drawn: 0.17, min: 16, max: 65 },
  wrist: { label: "Wrist girth", kind: "girth", drawn: 0.095, min: 11, max: 28 },
} as const satisfies Record<string, MeasurementSpec>;

interface MeasurementSpec {
  readonly label: string;
  readonly kind: "height" | "girth";
  /** Height above the floor as a share of the body height. */
  readonly share?: number;
  /** Girth as a share of the body height, for the drawing only. */
  readonly drawn?: number;
  /** Plausible range in cm. */
  readonly min: number;
  readonly max: number;
}

export type MeasurementName = keyof typeof measurements;
export const measurementNames = Object.keys(measurements) as MeasurementName[];

/** What has been measured, in cm; height always is. */
export type Measured = { readonly height: number } & { readonly [name in MeasurementName]?: number };

/** A length in cm and whether it was measured or estimated from the body height. */
export interface Measure {
  readonly cm: number;
  readonly estimated: boolean;
}
