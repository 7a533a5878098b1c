import { measurements, type Measured, type MeasurementName } from "./measurements";

/** Pairs that a body cannot turn round: the first is always smaller than the second. */
const orders: readonly (readonly [MeasurementName, MeasurementName])[] = [
  ["ankleBone", "calfLine"],
  ["calfLine", "kneeLine"],
  ["kneeLine", "crotch"],
  ["crotch", "hipLine"],
  ["hipLine", "waistLine"],
  ["waistLine", "bustLine"],
  ["bustLine", "shoulder"],
  ["shoulder", "neckPoint"],
  ["neckPoint", "chin"],
  ["chin", "height"],
  ["crotch", "waistLine"],
  ["ankle", "calf"],
  ["ankle", "knee"],
  ["knee", "thigh"],
  ["thigh", "hip"],
  ["wrist", "upperArm"],
];

/** A measurement that cannot be true beside another, and the sentence that says so. */
export interface Contradiction {
  readonly field: MeasurementName;
  readonly say: string;
}

/** Measured figures that contradict one another, such as an ankle wider than the calf. */
export function contradictions(measured: Partial<Measured>): Contradiction[] {
  return orders.flatMap(([small, large]) => {
    const less = measured[small];
    const more = measured[large];
    if (less === undefined || more === undefined || less < more) return [];
    const say =
      `${measurements[small].label} (${less} cm) cannot be as large as ` +
      `${measurements[large].label.toLowerCase()} (${more} cm): measure one of them again.`;
    return [{ field: small, say }];
  });
}
