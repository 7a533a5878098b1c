import type { Piece } from "../piece/piece";
import { numbersFrom } from "./generated";
import type { Choice } from "./generated-choice";

/** Shades that meet one another where colours picked at random hardly ever do. */
const ranges = {
  "blacks and the darkest of colours": ["#17181a", "#0f1013", "#1b1d24", "#1d2742", "#2a211c", "#26302a"],
  "whites and creams": ["#ffffff", "#f7f9fb", "#f4efe2", "#efe6cf", "#e4d9c0", "#17181a"],
  "leathers and skin": ["#6d3f26", "#4f2d1b", "#8a5a35", "#b98e5f", "#d9b08c", "#8f949b"],
  "one hue, light to dark": ["#1d2742", "#2450c0", "#4f6fb5", "#8fa6d4", "#c4d0ea", "#efe6cf"],
  "strong colours": ["#2450c0", "#d6271f", "#e0a800", "#1f8a3b", "#c2187a", "#f7f9fb"],
  "quiet with one that is not": ["#8f949b", "#c6c9cc", "#3c3f45", "#b98e5f", "#6b1f2f", "#17181a"],
} as const;

const named = Object.values(ranges);

/**
 * A made-up choice dyed in shades of one range, a piece in another now and then; every seventh is left as it is. The same
 * seed gives the same.
 */
export function inShades({ base, wardrobe }: Choice, seed: number): Choice {
  const range = named[seed % (named.length + 1)];
  if (!range) return { base, wardrobe };
  const next = numbersFrom(20_000 + seed);
  const dyed = (piece: Piece): Piece =>
    next() < 0.15
      ? piece
      : {
          ...piece,
          swatches: piece.swatches.map((swatch) => ({
            ...swatch,
            hex: range[Math.floor(next() * range.length)] ?? swatch.hex,
          })),
        };
  return { base: { ...base, garments: base.garments.map(dyed) }, wardrobe: wardrobe.map(dyed) };
}
