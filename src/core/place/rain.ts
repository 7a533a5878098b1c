import { isIndoors } from "./indoors";
import { finishes } from "../finish/finishes";
import type { Occasion } from "../piece/occasion";
import { isKind, isOpenToed, specOf, type Piece } from "../piece/piece";

/**
 * Whether rain is to be reckoned with: it is likely enough (docs/model.md, Comfort), and the occasion is not
 * indoors.
 */
export function isWet(occasion: Occasion, likely: number): boolean {
  return occasion.rain > likely && !isIndoors(occasion);
}

/** Whether rain spoils a piece by itself: by its surface, or because the foot gets wet in it. */
export function suffersInRain(piece: Piece): boolean {
  return (
    finishes[piece.finish].rain === "bad" ||
    (isKind(piece, "shoe") && (isOpenToed(piece) || piece.figures.cutOuts))
  );
}

/** The pieces that rain spoils; what an umbrella shelters is spared, and the ground is wet all the same. */
export function spoiledByRain(pieces: readonly Piece[]): Piece[] {
  const sheltered = pieces.some(shelters);
  return pieces.filter((piece) => suffersInRain(piece) && !(sheltered && isSheltered(piece)));
}

/** Whether a piece keeps rain off the others. */
export function shelters(piece: Piece): boolean {
  return specOf(piece).shelters === true;
}

/** Whether an umbrella would keep rain off a piece: not off what walks through it. */
export function isSheltered(piece: Piece): boolean {
  const { zone } = specOf(piece);
  return zone !== "foot" && zone !== "leg";
}
