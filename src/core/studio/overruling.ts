import type { Effect } from "../rules/finding";

/** A finding that the stylist set aside, with the reason. The computed finding stays beside it. */
export interface Overruling {
  readonly id: string;
  readonly rule: string;
  /** What the rule found. */
  readonly effect: Effect;
  /** The pieces it spoke of. */
  readonly pieceIds: readonly string[];
  readonly reason: string;
  /** The look it holds for; null: every look of this client. */
  readonly lookId: string | null;
}
