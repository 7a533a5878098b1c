import { finishes } from "../finish/finishes";
import type { Occasion } from "../piece/occasion";
import { isKind, isOpenToed, type Piece } from "../piece/piece";

/** Probability of rain over which an occasion outdoors is a wet one (2.11). */
const likely = 0.4;

/** Whether rain is to be reckoned with: it is likely, and the occasion is not indoors. */
export function isWet({ rain, ground }: Occasion): boolean {
  return rain > likely && ground !== "indoors";
}

/** Whether rain spoils a piece: by its surface, or because the foot gets wet in it. */
export function suffersInRain(piece: Piece): boolean {
  return finishes[piece.finish].rain === "bad" || (isKind(piece, "shoe") && isOpenToed(piece));
}
