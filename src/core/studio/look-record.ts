import type { Adjustment } from "../piece/adjustment";
import type { Verdict } from "../reading/read";

/** A look as it is kept: what it is made of, and the stylist's own verdict beside the computed one. */
export interface LookRecord {
  readonly id: string;
  readonly clientId: string;
  readonly baseId: string;
  readonly occasionId: string | null;
  readonly accessoryIds: readonly string[];
  readonly adjustments: readonly Adjustment[];
  readonly ownVerdict: Verdict | null;
}
