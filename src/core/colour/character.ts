import type { Shade } from "./shade";
import { temperature } from "./temperature";

/** A colour with its weight: a share of a piece, or a visible area. */
export interface WeightedShade {
  readonly shade: Shade;
  readonly weight: number;
}

/** What a group of colours is like as a whole. */
export interface Character {
  /** Mean depth, L*. */
  readonly depth: number;
  /** Mean temperature, weighted by chroma, in [-1, 1]. */
  readonly temperature: number;
  /** Standard deviation of L*. */
  readonly contrast: number;
  /** Range of L* among what takes at least 0.08 of the group. */
  readonly range: number;
  /** Mean clarity, 0-1. */
  readonly clarity: number;
}

const leastShare = 0.08;
/** Keeps the temperature of a wholly neutral group defined: neutrals weigh little, not nothing. */
const leastChroma = 2;

/**
 * Depth, temperature, inner contrast and clarity of weighted colours (docs/model.md, Colour).
 * @returns null when nothing has weight
 */
export function characterOf(colours: readonly WeightedShade[]): Character | null {
  let total = 0;
  let depth = 0;
  let clarity = 0;
  let warmth = 0;
  let chroma = 0;
  for (const { shade, weight } of colours) {
    total += weight;
    depth += weight * shade.L;
    clarity += weight * shade.clarity;
    const counts = weight * Math.max(shade.C, leastChroma);
    warmth += counts * temperature(shade);
    chroma += counts;
  }
  if (total <= 0) return null;
  const mean = depth / total;
  let squares = 0;
  let least = Infinity;
  let most = -Infinity;
  for (const { shade, weight } of colours) {
    squares += weight * (shade.L - mean) ** 2;
    if (weight / total < leastShare) continue;
    least = Math.min(least, shade.L);
    most = Math.max(most, shade.L);
  }
  return {
    depth: mean,
    temperature: warmth / chroma,
    contrast: Math.sqrt(squares / total),
    range: most > least ? most - least : 0,
    clarity: clarity / total,
  };
}
