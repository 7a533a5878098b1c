import type { Piece } from "../piece/piece";
import type { Character } from "./character";

/** A motif of this size, cm, is of middle scale. */
const middleScale = 10;

/**
 * Loudness of a print: contrast (range of L*, 0-1) x scale (motif over 10 cm) x its part of the look; 0
 * for a plain piece.
 */
export function loudnessOf(piece: Piece, character: Character | null, area: number): number {
  if (piece.pattern === "plain" || !character) return 0;
  return (character.range / 100) * (piece.patternScale / middleScale) * area;
}
