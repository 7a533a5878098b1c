import type { Worn } from "../dressing/dressed";
import { adjustmentSpec } from "../piece/adjustment";
import { specOf } from "../piece/piece";

/** Heat of a body at rest, W/m2. */
const atRest = 58;
/** How many times as much a strolling body gives off (met, 2.11). */
const strolling = 2;

/** Metres a second of wind that count as one step of the wind factor. */
const fullWind = 10;

/** Insulation of the still air about the body, clo, as 2.11 has it. */
const airLayer = 0.7;

/** Insulation of a piece as it is worn, clo (2.11). */
export function insulationOf({ asWorn, adjustments }: Pick<Worn, "asWorn" | "adjustments">): number {
  let clo = specOf(asWorn).insulation(asWorn.figures, asWorn);
  for (const adjustment of adjustments) clo += adjustmentSpec(adjustment.kind).insulation?.(adjustment) ?? 0;
  return Math.max(0, clo);
}

/**
 * Air temperature, deg C, in which a strolling wearer of so much insulation is comfortable: 33 - 0.155 * 0.75 * M * (clo + 0.7 a),
 * with M = 58 met W/m2 and a the part of the still air that the wind leaves (2.11).
 * @param wind m/s
 */
export function comfortableAir(clo: number, wind: number): number {
  const still = Math.max(0.3, 1 - wind / fullWind);
  return 33 - 0.155 * 0.75 * atRest * strolling * (clo + airLayer * still);
}
