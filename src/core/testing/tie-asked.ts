import type { TieAsked } from "../scarf/tied";
import { tieSpec, type TieName } from "../scarf/ties";

/** A tie in its usual fold, begun at the lower left with the reverse up. */
export function tieAsked(tie: TieName, given: Partial<TieAsked> = {}): TieAsked {
  return {
    tie,
    fold: tieSpec(tie).folds[0],
    corner: "lower left",
    face: "reverse",
    turned: false,
    band: 6,
    ...given,
  };
}
