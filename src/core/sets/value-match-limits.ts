import type { MatchLimits } from "../colour/value-match";
import { valuesOf } from "../rule-book/params";
import type { RuleBook } from "../rule-book/rule-book";
import { valueMatch } from "../rules/colour/value-match";

/** The thresholds by which a rule book compares two accessories in colour; `copy` is for a matched shoe and bag. */
export function valueMatchLimits(book: RuleBook): MatchLimits & { readonly copy: number } {
  return valuesOf(valueMatch.id, valueMatch.params, book) as unknown as MatchLimits & {
    readonly copy: number;
  };
}
