import { converter, formatHex, modeRgb, modeXyz65, useMode } from "culori/fn";

useMode(modeRgb);
useMode(modeXyz65);
const toXyz = converter("xyz65");

export const lightNames = ["daylight", "evening"] as const;
/** Daylight is D65; evening is a warm lamp of about 2850 K. */
export type LightName = (typeof lightNames)[number];

type Triple = readonly [number, number, number];

/** White points, XYZ for Y = 1: CIE D65 and CIE illuminant A, 2 degree observer (CIE 15:2018). */
const whites: Record<LightName, Triple> = {
  daylight: [0.95047, 1, 1.08883],
  evening: [1.0985, 1, 0.35585],
};

/** CAT16 (Li et al. 2017, "Comprehensive color solutions: CAM16, CAT16 and CAM16-UCS"). */
const toCone: readonly Triple[] = [
  [0.401288, 0.650173, -0.051461],
  [-0.250268, 1.204414, 0.045854],
  [-0.002079, 0.048952, 0.953127],
];
const fromCone: readonly Triple[] = [
  [1.862067855087, -1.01125463053, 0.149186775444],
  [0.387526543236, 0.621447441931, -0.008973985167],
  [-0.015841498849, -0.034122938029, 1.049964436878],
];

/** How far an eye has adapted to the lamp of a room at evening (CAM16, dim surround): the rest is seen as its cast. */
const adapted = 0.8;

const relit = new Map<string, string>();

/**
 * How an sRGB colour looks by a light to an eye that has mostly, not wholly, got used to it. Each cone
 * response is scaled by D + (1 - D) * (white of the light / white of daylight); what leaves the gamut is
 * clipped. Daylight gives the colour back.
 * @param hex as #rrggbb
 */
export function underLight(hex: string, light: LightName): string {
  if (light === "daylight") return hex;
  let seen = relit.get(hex);
  if (seen === undefined) {
    const colour = toXyz(hex);
    if (!colour) throw new RangeError(`"${hex}" is not a colour; write it as #rrggbb`);
    const cone = times(toCone, [colour.x, colour.y, colour.z]);
    const from = times(toCone, whites.daylight);
    const to = times(toCone, whites[light]);
    const gain = (i: 0 | 1 | 2) => adapted + (1 - adapted) * (to[i] / from[i]);
    const [x, y, z] = times(fromCone, [cone[0] * gain(0), cone[1] * gain(1), cone[2] * gain(2)]);
    seen = formatHex({ mode: "xyz65", x, y, z });
    relit.set(hex, seen);
  }
  return seen;
}

function times(matrix: readonly Triple[], [x, y, z]: Triple): Triple {
  const row = (i: 0 | 1 | 2) => {
    const [a, b, c] = matrix[i] ?? [0, 0, 0];
    return a * x + b * y + c * z;
  };
  return [row(0), row(1), row(2)];
}
