import { param, valuesOf, type Values } from "./params";
import type { RuleBook } from "./rule-book";

/** What a whole set is weighed by beside the rules, overridable under the id "set". */
export const setLimits = {
  edited: param(0.9, "points", "what a piece more must be worth to earn its place"),
  layered: param(0.4, "points", "the same where layering is the school"),
  shared: param(
    0.3,
    "share",
    "what the praise of two pieces counts: of one lens it counts less the oftener it is met",
  ),
} as const;

export function setLimitsOf(book: RuleBook): Values<typeof setLimits> {
  return valuesOf("set", setLimits, book);
}
