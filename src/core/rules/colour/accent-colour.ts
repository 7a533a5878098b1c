import type { Tint } from "../../dressing/profile";
import { param, valuesOf, type Values } from "../../rule-book/params";
import type { RuleBook } from "../../rule-book/rule-book";

export const accentParams = {
  clear: param(0.35, "ratio", "clarity from which a lone colour may be the accent"),
  deep: param(40, "L*", "depth down to which a colour is deep"),
  chroma: param(12, "C*", "chroma from which a deep colour is one at all"),
  clearest: param(0.85, "ratio", "clarity over which a deep colour is among the clearest"),
} as const;

type AccentLimits = Values<typeof accentParams>;

/** What a rule book takes for an accent, for the rules beside the accent's own. */
export function accentLimitsOf(book: RuleBook): AccentLimits {
  return valuesOf("colour.accent", accentParams, book);
}

/** Whether a colour is deep: dark, plainly a colour, and not among the clearest: burgundy, forest, plum. */
export function isDeep({ shade, neutral }: Tint, { deep, chroma, clearest }: AccentLimits): boolean {
  return !neutral && shade.L <= deep && shade.C >= chroma && shade.clarity <= clearest;
}

/** Whether a colour alone may be the accent of a look: a deep one or a clear one, not a muted, light stray. */
export function isAccent(tint: Tint, limits: AccentLimits): boolean {
  return isDeep(tint, limits) || (!tint.neutral && tint.shade.clarity >= limits.clear);
}
