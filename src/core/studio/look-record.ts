import type { Adjustment } from "../piece/adjustment";
import type { Verdict } from "../reading/verdict";

/** A look as it is kept: what it is made of, and the stylist's own verdict beside the computed one. */
export interface LookRecord {
  readonly id: string;
  readonly clientId: string;
  readonly baseId: string;
  readonly occasionId: string | null;
  readonly accessoryIds: readonly string[];
  readonly adjustments: readonly Adjustment[];
  readonly ownVerdict: Verdict | null;
  /** What it was read as when it was kept; null for looks kept before that was recorded. */
  readonly read: KeptReading | null;
}

/** The reading of a kept look, with the version of the rule book it was made with. */
export interface KeptReading {
  readonly verdict: Verdict;
  readonly score: number;
  readonly ruleBookVersion: number;
}
