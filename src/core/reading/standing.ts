import type { Finding } from "../rules/finding";
import type { Overruling } from "../studio/overruling";
import type { Reading } from "./read";
import { isSameFinding } from "./same-finding";
import { scoreOf } from "./score";
import { verdictOf, type Verdict } from "./verdict";

/** A reading with what the stylist overruled set aside; the computed reading stays as it is. */
export interface Standing {
  readonly verdict: Verdict;
  readonly score: number;
  /** For each finding of the reading, what overrules it; null where nothing does. */
  readonly overruled: readonly (Overruling | null)[];
}

/**
 * Sets overruled findings aside. One for a look holds for the same finding on the same pieces; one for
 * the client holds for that finding on any.
 */
export function standingOf(reading: Reading, overrulings: readonly Overruling[]): Standing {
  const overruled = reading.findings.map(
    (finding) => overrulings.find((overruling) => holdsFor(overruling, finding)) ?? null,
  );
  if (overruled.every((overruling) => overruling === null))
    return { verdict: reading.verdict, score: reading.score, overruled };
  const left = reading.findings.filter((_, i) => overruled[i] === null);
  const score = scoreOf(left);
  return { verdict: verdictOf(left, score), score, overruled };
}

function holdsFor({ rule, effect, pieceIds, lookId }: Overruling, finding: Finding): boolean {
  if (lookId === null) return finding.rule === rule && finding.effect === effect;
  return isSameFinding({ rule, effect, pieceIds }, finding);
}
