import { param, valuesOf, type Values } from "../rule-book/params";
import type { RuleBook } from "../rule-book/rule-book";

/** What an arm needs to go through a shoulder strap, overridable under the id "strap". */
export const strapLimits = {
  armRoom: param(8, "cm", "room a strap needs beyond the thickness of the upper arm"),
  coatRoom: param(3, "cm", "further room for an arm in a coat"),
} as const;

type StrapLimits = Values<typeof strapLimits>;

export function strapLimitsOf(book: RuleBook): StrapLimits {
  return valuesOf("strap", strapLimits, book);
}
