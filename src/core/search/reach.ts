import type { Look } from "../piece/look";
import { apply } from "../reading/change";
import { read, type Verdict } from "../reading/read";
import { solveTurnUp } from "../reading/turn-ups";

/** What a set makes of a base: as it is worn plainly, or with the turn-up that suits the pair best. */
export interface Reach {
  readonly verdict: Verdict;
  readonly score: number;
  /** Whether a turn-up was needed for it. */
  readonly turned: boolean;
}

/** Reads a look, and once more with its best turn-up when it jars as it is. */
export function reachOf(look: Look): Reach {
  const plain = read(look);
  if (plain.verdict !== "jars") return { verdict: plain.verdict, score: plain.score, turned: false };
  const turn = solveTurnUp(look)?.best?.turn;
  if (!turn) return { verdict: plain.verdict, score: plain.score, turned: false };
  const turned = read(apply(look, turn));
  return turned.verdict === "jars"
    ? { verdict: plain.verdict, score: plain.score, turned: false }
    : { verdict: turned.verdict, score: turned.score, turned: true };
}
