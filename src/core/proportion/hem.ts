import type { Turn } from "../piece/adjustment";
import type { Legged } from "../piece/piece";

type Trousers = Legged["figures"];
type Roll = Pick<Turn, "count" | "depth"> | null;

/** How far a turn-up lifts the hem: each of n turns of depth c shortens the leg by c. */
export function turnLength(turn: Roll): number {
  return turn ? turn.count * turn.depth : 0;
}

/**
 * Height of a trouser hem above the footbed, cm: crotch - drop - inseam, plus what is turned up. A hem
 * measured at a try-on stands in for the computed one.
 * @param crotch height of the body's crotch above the footbed, cm
 */
export function hemHeight(crotch: number, leg: Trousers, turn: Roll): number {
  const plain = leg.measuredHem ?? crotch - leg.drop - leg.inseam;
  return plain + turnLength(turn);
}

/** How much the leg widens per cm going up from the hem, cm; positive when it narrows to the hem. */
export function taper(leg: Trousers): number {
  return (leg.above - leg.opening) / 10;
}

/** Circumference of the leg's lower edge, at the fold when turned, cm. */
export function openingAtFold(leg: Trousers, turn: Roll): number {
  return leg.opening + taper(leg) * turnLength(turn);
}
