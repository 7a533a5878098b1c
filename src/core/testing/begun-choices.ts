import { dress } from "../dressing/dress";
import type { Dressed } from "../dressing/dressed";
import type { Look } from "../piece/look";
import { slotOf } from "../piece/piece";
import { slots } from "../piece/slots";
import type { Outlook } from "../rules/outlook";
import type { Rule } from "../rules/define-rule";
import { lookWith, type Place } from "../search/best/options";
import { hopedOf, outcomeOf, type Outcome } from "../search/best/outcome";
import { outlooksFor } from "../search/best/outlooks";
import { numbersFrom } from "./generated";
import { accessoryKinds, generatedChoice, wornInWays, type Choice } from "./generated-choice";
import { inShades } from "./in-shades";

interface PlacedChoice {
  readonly base: Look;
  readonly places: readonly Place[];
}

/** A made-up base with its places, the shoes first: each slot with its pieces, or nothing. */
export function placedChoice(seed: number, each: number): PlacedChoice {
  return placed(wornInWays(generatedChoice(seed, accessoryKinds, each), seed));
}

/** A choice with its places, the shoes first. */
export function placed({ base, wardrobe }: Choice): PlacedChoice {
  const places: Place[] = slots.flatMap((slot) => {
    const pieces = wardrobe.filter((piece) => slotOf(piece) === slot);
    return pieces.length > 0 ? [{ slot, options: [...pieces, null] }] : [];
  });
  return {
    base,
    places: places.sort((one, other) => Number(other.slot === "shoe") - Number(one.slot === "shoe")),
  };
}

/** A look that is still being chosen, and one that came of it. */
export interface BegunChoice {
  readonly outlook: Outlook;
  readonly whole: Dressed;
}

/**
 * A made-up choice that is left somewhere on the way: every fourth of two pieces a slot, the others of one in some slots
 * only, where little can come of it any more. Another fourth is without a garment.
 */
function begunChoice(seed: number): BegunChoice {
  const isSparse = seed % 4 !== 0;
  const next = numbersFrom(300 + seed);
  const kinds = accessoryKinds.filter((kind) => !isSparse || kind === "shoe" || next() < 0.45);
  const choice = inShades(wornInWays(generatedChoice(seed, kinds, isSparse ? 1 : 2), seed), seed);
  const { base: dressed, places } = placed(choice);
  const base = seed % 4 === 3 ? { ...dressed, garments: [] } : dressed;
  const chosen = places.map(({ options }) => options[Math.floor(next() * options.length)] ?? null);
  const begun = Math.floor(next() * places.length);
  const on = dress(lookWith(base, chosen.slice(0, begun)));
  return { outlook: outlooksFor(base, places)(on, begun), whole: dress(lookWith(base, chosen)) };
}

const many = 32;

let begun: readonly BegunChoice[] | null = null;

/** What a rule hopes for of made-up looks that are still being chosen, and what it makes of those that came of them. */
export function hopedAndRead(rule: Rule): { readonly hoped: Outcome; readonly made: Outcome }[] {
  begun ??= Array.from({ length: many }, (_, seed) => begunChoice(seed));
  return begun.map(({ outlook, whole }) => ({
    hoped: hopedOf(rule.hope(outlook), rule.settings(whole.look.client.ruleBook).weight),
    made: outcomeOf(rule.read(whole)),
  }));
}
