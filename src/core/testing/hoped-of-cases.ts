import { dress } from "../dressing/dress";
import type { Dressed } from "../dressing/dressed";
import type { Rule } from "../rules/define-rule";
import type { Outlook } from "../rules/outlook";
import { lookWith } from "../search/best/options";
import { hopedOf, outcomeOf, type Outcome } from "../search/best/outcome";
import { outlooksFor } from "../search/best/outlooks";
import { placed } from "./begun-choices";
import { looksNear } from "./told-of-cases";

/** What a rule hopes for of a look that is still being chosen, and what it makes of what may come of it. */
interface HopedAndMade {
  readonly hoped: Outcome;
  readonly made: Outcome;
}

/**
 * A rule's hopes of its own cases, and of all that differs from them in one thing, as they are put on piece by piece, with
 * what it makes of the whole look.
 */
export function* hopedOfCases(rule: Rule): Generator<HopedAndMade> {
  for (const whole of looksNear(rule)) {
    const { weight } = rule.settings(whole.look.client.ruleBook);
    const made = outcomeOf(rule.read(whole));
    for (const outlook of begunFrom(whole)) yield { hoped: hopedOf(rule.hope(outlook), weight), made };
  }
}

/** Whether less is hoped than the rule makes of the look in the end. */
export function isTooLittle({ hoped, made }: HopedAndMade): boolean {
  if (made.faults > hoped.faults + 1e-9) return true;
  return made.praise.some((value, rank) => value > (hoped.praise[rank] ?? 0));
}

/** How many points a rule hopes for of them in all, to a hundredth. */
export function hopedInAllOfCases(rule: Rule): number {
  let sum = 0;
  for (const { hoped } of hopedOfCases(rule)) sum += pointsOf(hoped);
  return Math.round(sum * 100) / 100;
}

/** What an outcome counts by itself: the n-th praise 1/n. */
export function pointsOf({ faults, praise }: Outcome): number {
  return praise.reduce((sum, value, rank) => sum + value / (rank + 1), faults);
}

/** A look from its base on until all is on it; nothing of one that is not chosen slot by slot. */
function* begunFrom({ look }: Dressed): Generator<Outlook> {
  const { base, places } = placed({ base: { ...look, accessories: [] }, wardrobe: look.accessories });
  if (places.length < look.accessories.length || places.some(({ slot }) => slot === "layer")) return;
  const outlookOf = outlooksFor(base, places);
  const chosen = places.map(({ options }) => options[0] ?? null);
  for (let begun = 0; begun <= places.length; begun += 1)
    yield outlookOf(dress(lookWith(base, chosen.slice(0, begun))), begun);
}
