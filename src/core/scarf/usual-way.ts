import { canFold } from "./laid-out";
import type { FoldName } from "./folds";
import type { TieAsked } from "./tied";
import { tieSpec, type TieName } from "./ties";

/** Width a band is folded to where nobody says otherwise, cm. */
export const usualBand = 6;

type Sides = readonly [number, number];

/** The folds of a tie that a cloth can be folded in, the usual one first. */
export function foldsFor(tie: TieName, sides: Sides): readonly FoldName[] {
  return tieSpec(tie).folds.filter((fold) => canFold(fold, sides));
}

/**
 * A tie as it is usually begun: what is folded over shows its other face, so the cloth is laid out reverse up. Null
 * where it cannot be folded for the tie.
 */
export function usualWay(tie: TieName, sides: Sides): TieAsked | null {
  const [fold] = foldsFor(tie, sides);
  return fold ? { tie, fold, corner: "lower left", face: "reverse", turned: false, band: usualBand } : null;
}
