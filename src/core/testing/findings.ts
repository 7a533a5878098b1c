import { dress } from "../dressing/dress";
import type { Look } from "../piece/look";
import type { Rule } from "../rules/define-rule";
import type { Finding } from "../rules/finding";

/** What one rule says of a look. */
export function findingsOf(rule: Rule, look: Look): Finding[] {
  return rule.read(dress(look));
}

/** The effects one rule's findings have, in its order. */
export function effectsOf(rule: Rule, look: Look): string[] {
  return findingsOf(rule, look).map(({ effect }) => effect);
}
