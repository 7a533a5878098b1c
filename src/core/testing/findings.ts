import { dress } from "../dressing/dress";
import type { Look } from "../piece/look";
import type { Rule } from "../rules/define-rule";
import type { Finding } from "../rules/finding";
import { namesOf, pieceIdsOf } from "../rules/spoken";

/** A finding with what it says of pieces told, as a test looks at it. */
export function told(finding: Finding) {
  const names = Object.entries(namesOf(finding)).map(([key, name]) => [key, [name].flat().join(", ")]);
  return {
    ...finding,
    names: Object.fromEntries(names) as Record<string, string>,
    pieces: pieceIdsOf(finding),
  };
}

/** What one rule says of a look. */
export function findingsOf(rule: Rule, look: Look) {
  return rule.read(dress(look)).map(told);
}

/** The effects one rule's findings have, in its order. */
export function effectsOf(rule: Rule, look: Look): string[] {
  return rule.read(dress(look)).map(({ effect }) => effect);
}
