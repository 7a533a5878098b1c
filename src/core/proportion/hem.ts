import type { LegFigures } from "../piece/kinds/legs";

/** So many turns of one depth, cm. */
type Roll = { readonly count: number; readonly depth: number } | null;

/** How far a turn-up lifts the hem: each of n turns of depth c shortens the leg by c. */
export function turnLength(turn: Roll): number {
  return turn ? turn.count * turn.depth : 0;
}

/**
 * Height of a trouser hem above the footbed, cm: crotch - drop - inseam, plus what is turned up. A hem
 * measured at a try-on stands in for the computed one.
 * @param crotch height of the body's crotch above the footbed, cm
 */
export function hemHeight(crotch: number, leg: LegFigures, turn: Roll): number {
  const plain = leg.measuredHem ?? crotch - leg.drop - leg.inseam;
  return plain + turnLength(turn);
}

/** How much the leg widens per cm going up from the hem, cm; positive when it narrows to the hem. */
export function taper(leg: LegFigures): number {
  return (leg.above - leg.opening) / 10;
}

/** Circumference of the leg's lower edge, at the fold when turned, cm. */
export function openingAtFold(leg: LegFigures, turn: Roll): number {
  return leg.opening + taper(leg) * turnLength(turn);
}
