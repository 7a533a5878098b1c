import { param, valuesOf, type Values } from "../rule-book/params";
import type { RuleBook } from "../rule-book/rule-book";

/** Thresholds that the rules of near whites and near blacks share, overridable under the id "tones". */
export const toneLimits = {
  parting: param(12, "L*", "how deep a belt at the join must stand from both sides to part them"),
} as const;

export type ToneLimits = Values<typeof toneLimits>;

export function toneLimitsOf(book: RuleBook): ToneLimits {
  return valuesOf("tones", toneLimits, book);
}
