import type { Character } from "./character";
import { clarityBand, clarityBands } from "./bands";

/** Thresholds for two accessories that should agree without being copies. */
export interface MatchLimits {
  readonly depth: number;
  readonly opposed: number;
  readonly contrast: number;
  /** How far in depth a piece of high contrast must reach to hold both. */
  readonly holds: number;
}

/** One way in which two pieces disagree, with its figure. */
export interface Breach {
  readonly by: "depth" | "temperature" | "contrast" | "clarity";
  readonly value: number;
}

/** The colours of one of the two: its character, and the depths it holds. */
export interface Matched {
  readonly character: Character;
  readonly depths: readonly number[];
  /** Whether any of its colours is chromatic: a neutral has no clarity to speak of. */
  readonly chromatic: boolean;
}

/**
 * Where two pieces disagree in depth, temperature, inner contrast or clarity; empty when they agree
 * (docs/model.md, Colour: |dDepth| <= 22 or one of high contrast holds both depths; temperature product >=
 * -0.15; inner contrast within 25; clarity bands not two apart).
 */
export function breachesOf(one: Matched, other: Matched, limits: MatchLimits): readonly Breach[] {
  const depth = Math.abs(one.character.depth - other.character.depth);
  const product = one.character.temperature * other.character.temperature;
  const contrast = Math.abs(one.character.contrast - other.character.contrast);
  let breaches: Breach[] | null = null;
  if (depth > limits.depth && !holdsBoth(one, other, limits) && !holdsBoth(other, one, limits))
    (breaches ??= []).push({ by: "depth", value: depth });
  if (product < limits.opposed) (breaches ??= []).push({ by: "temperature", value: product });
  if (contrast > limits.contrast) (breaches ??= []).push({ by: "contrast", value: contrast });
  if (one.chromatic && other.chromatic) {
    const clarity = Math.abs(bandOf(one) - bandOf(other));
    if (clarity >= 2) (breaches ??= []).push({ by: "clarity", value: clarity });
  }
  return breaches ?? none;
}

/** Most pieces agree: nothing is laid out for them. */
const none: readonly Breach[] = [];

function bandOf({ character }: Matched): number {
  return clarityBands.indexOf(clarityBand(character.clarity));
}

/** A piece of high contrast among whose own depths are both its middle's and the other's. */
function holdsBoth(holder: Matched, other: Matched, { holds, depth }: MatchLimits): boolean {
  return (
    holder.character.range > depth &&
    holder.depths.some((own) => Math.abs(own - other.character.depth) <= holds)
  );
}
