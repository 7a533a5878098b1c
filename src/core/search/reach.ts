import { adjustmentOn } from "../piece/adjustment";
import type { Look } from "../piece/look";
import { isLegged } from "../piece/piece";
import { apply, wornSo, type Change } from "../reading/change";
import { jarsAtHem } from "../reading/hems";
import { read, type Reading } from "../reading/read";
import { solveTurnUp, type TurnUp } from "../reading/turn-ups";
import type { Verdict } from "../reading/verdict";

/** What a set makes of a base: as it is worn plainly, or with the turn-up that suits the pair best. */
export interface Reach {
  readonly verdict: Verdict;
  readonly score: number;
  /** Level of the look, 1-9; null where nothing is worn. */
  readonly level: number | null;
  /** Whether a turn-up was needed for it. */
  readonly turned: boolean;
}

/** A look as it would be worn: as it is, or with its hem turned up or let down where it jars and that mends it. */
export interface AsWorn {
  readonly look: Look;
  readonly reading: Reading;
  /** What is done to the hem; null where nothing is. */
  readonly hem: Change | null;
}

/** Finds the way to wear the hem that suits a look best; null when none is right. */
export type FindTurn = (look: Look) => TurnUp | null;

/** Reads a look, and once more with its best turn-up when it jars as it is. */
export function reachOf(look: Look, findTurn: FindTurn = bestTurn, plain: Reading = read(look)): Reach {
  const { reading, hem } = asWorn(look, findTurn, plain);
  const { verdict, score, level } = reading;
  return { verdict, score, level, turned: hem?.kind === "adjust" };
}

/**
 * A look as it would be worn.
 * @param plain what it reads as it is, where that is known
 */
export function asWorn(look: Look, findTurn: FindTurn = bestTurn, plain: Reading = read(look)): AsWorn {
  const best = jarsAtHem(plain.findings) ? findTurn(look) : null;
  const hem = best && hemChange(look, best);
  if (hem) {
    const other = apply(look, hem);
    const reading = read(other);
    if (reading.verdict !== "jars") return { look: other, reading, hem };
  }
  return { look, reading: plain, hem: null };
}

/** What has to be done to wear the hem so; null where it is worn so already. */
function hemChange({ garments, adjustments }: Look, { turn }: TurnUp): Change | null {
  if (turn) return wornSo(turn);
  const trousers = garments.find(isLegged);
  const isTurned = trousers !== undefined && adjustmentOn(adjustments, "turn", trousers.id) !== null;
  return isTurned ? { kind: "undo", way: "turn", piece: trousers.id } : null;
}

export function bestTurn(look: Look): TurnUp | null {
  return solveTurnUp(look)?.best ?? null;
}
