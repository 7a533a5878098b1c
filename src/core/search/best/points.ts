import { pointsByLens } from "../../reading/score";
import type { Finding } from "../../rules/finding";

/** What findings add up to, over all lenses. */
export function pointsIn(findings: readonly Finding[]): number {
  let sum = 0;
  for (const points of pointsByLens(findings).values()) sum += points;
  return sum;
}
