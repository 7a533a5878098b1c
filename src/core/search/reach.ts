import type { Turn } from "../piece/adjustment";
import type { Look } from "../piece/look";
import { apply, wornSo } from "../reading/change";
import { read, type Reading } from "../reading/read";
import type { Verdict } from "../reading/verdict";
import { solveTurnUp } from "../reading/turn-ups";

/** What a set makes of a base: as it is worn plainly, or with the turn-up that suits the pair best. */
export interface Reach {
  readonly verdict: Verdict;
  readonly score: number;
  /** Level of the look, 1-9; null where nothing is worn. */
  readonly level: number | null;
  /** Whether a turn-up was needed for it. */
  readonly turned: boolean;
}

/** A look as it would be worn: plainly, or turned up where it jars and a turn-up mends that. */
export interface AsWorn {
  readonly look: Look;
  readonly reading: Reading;
  readonly turned: boolean;
}

/** Finds the turn-up that suits a look best; null when it is best as it is, or no turn-up is right. */
export type FindTurn = (look: Look) => Turn | null;

/** Reads a look, and once more with its best turn-up when it jars as it is. */
export function reachOf(look: Look, findTurn: FindTurn = bestTurn): Reach {
  const { reading, turned } = asWorn(look, findTurn);
  return { verdict: reading.verdict, score: reading.score, level: reading.level, turned };
}

/** A look as it would be worn. */
export function asWorn(look: Look, findTurn: FindTurn = bestTurn): AsWorn {
  const plain = read(look);
  const turn = plain.verdict === "jars" ? findTurn(look) : null;
  if (turn) {
    const other = apply(look, wornSo(turn));
    const reading = read(other);
    if (reading.verdict !== "jars") return { look: other, reading, turned: true };
  }
  return { look, reading: plain, turned: false };
}

function bestTurn(look: Look): Turn | null {
  return solveTurnUp(look)?.best?.turn ?? null;
}
