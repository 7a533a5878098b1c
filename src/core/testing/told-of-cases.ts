import type { Dressed } from "../dressing/dressed";
import type { Rule } from "../rules/define-rule";
import { nudged } from "./nudged";
import { ruleCases } from "./rule-cases";
import { toldOf } from "./told";

/**
 * What a rule says of its own cases and of everything that differs from them a little: of each message with its effect how
 * often it is said, and a mark of all that is said with it.
 */
export function toldOfCases(rule: Rule): Record<string, string> {
  return Object.fromEntries(
    toldOf(rule, looksNear(rule)).map(([key, { of, mark }]) => [key, `${of.length}; ${mark}`]),
  );
}

/** A rule's own cases, and everything that differs from them in one thing. */
export function* looksNear(rule: Rule): Generator<Dressed> {
  const { says = [], silent } = ruleCases[rule.id] ?? {};
  for (const [, , look] of says) yield* nudged(look, rule);
  if (silent) yield* nudged(silent, rule);
}
