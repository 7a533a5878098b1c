import { dress } from "../../dressing/dress";
import type { Look } from "../../piece/look";
import type { Rule } from "../../rules/define-rule";
import { registry } from "../../rules/registry";
import { above, inMillionths, millionths } from "./millionths";
import { lookWith, type Place } from "./options";
import { hopedOf, outcomeOf, pointsOf, silence, type Outcome } from "./outcome";
import { outlooksFor } from "./outlooks";
import { tableRules } from "./rule-tables";

/** Of how many places at the most a rule is read for every pairing of what they may hold beforehand. */
const mostTabled = 2;

/** What a choice that is begun can come to. */
export interface Prospect {
  /** No fewer than the points of any look that comes of it; of a whole choice its points. */
  readonly points: number;
  /** What the rules that read much could at the most make of it, in their order. */
  readonly wide: readonly Outcome[];
}

/** What the rules could make of choices for a base, begun or whole. */
export interface Prospects {
  /** The places in the order in which they are chosen. */
  readonly places: readonly Place[];
  /** What choices can come to, of each its first places chosen; in their order. */
  readonly read: (choices: readonly (readonly number[])[]) => Prospect[];
  /** The same without reading it: with what the rules that read much make of a choice that it follows from. */
  readonly guess: (chosen: readonly number[], wide: readonly Outcome[]) => number;
}

/**
 * Lays out what the rules could make of every choice for a base (docs/model.md, Judgement). A rule that reads at
 * most two of the places is read for each of their pairings beforehand: of a choice that is begun it counts as the
 * best it could still say. A rule that reads more says itself what it could at the most make of what is begun; of a
 * whole choice it is read.
 * @param base the garments, and a top layer where one is on
 * @param places where something is chosen; a top layer is not among them
 */
export function prospectsOf(base: Look, places: readonly Place[]): Prospects {
  const ordered = inOrderOfChoice(places);
  const { known, wide } = rulesFor(base, ordered);
  const told = tableRules(base, ordered, known);
  const rules = [...told.map(({ rule }) => rule), ...wide];
  const weights = wide.map((rule) => rule.settings(base.client.ruleBook).weight);
  const outlookOn = outlooksFor(base, ordered);
  const pointsBy = pointsOf(rules);
  const optionsOf = (chosen: readonly number[]) =>
    chosen.map((option, place) => ordered[place]?.options[option] ?? null);
  const guess = (chosen: readonly number[], of: readonly Outcome[]) =>
    pointsBy((i) => told[i]?.outcome(chosen) ?? of[i - told.length] ?? silence);
  return {
    places: ordered,
    guess,
    read(choices) {
      const looks = choices.map((chosen) => {
        const on = dress(lookWith(base, optionsOf(chosen)));
        const outlook = chosen.length < ordered.length ? outlookOn(on, chosen.length) : null;
        return { chosen, on, outlook, of: [] as Outcome[] };
      });
      // One rule after another: while it is at hand it is asked about every choice.
      wide.forEach((rule, i) => {
        for (const { on, outlook, of } of looks)
          of.push(outlook ? hopedOf(rule.hope(outlook), weights[i] ?? 0) : outcomeOf(rule.read(on)));
      });
      return looks.map(({ chosen, outlook, of }) => {
        const points = guess(chosen, of);
        return { points: (outlook ? above(points) : inMillionths(points)) / millionths, wide: of };
      });
    },
  };
}

/** Shoes before hosiery, which they may hide; else the place with the most options first: it decides the most. */
function inOrderOfChoice(places: readonly Place[]): Place[] {
  const ordered = [...places].sort((one, other) => other.options.length - one.options.length);
  const shoe = ordered.findIndex(({ slot }) => slot === "shoe");
  const hosiery = ordered.findIndex(({ slot }) => slot === "hosiery");
  if (shoe > hosiery && hosiery >= 0) ordered.splice(hosiery, 0, ...ordered.splice(shoe, 1));
  return ordered;
}

/** The rules that are read beforehand, with the places they read, and those that are not. */
function rulesFor({ client }: Look, places: readonly Place[]) {
  const known: { readonly rule: Rule; readonly at: readonly number[] }[] = [];
  const wide: Rule[] = [];
  for (const rule of registry) {
    const { reads } = rule;
    if (rule.settings(client.ruleBook).weight === 0) continue;
    const at = places.flatMap(({ slot }, i) => (reads !== "everything" && reads.includes(slot) ? [i] : []));
    if (reads === "everything" || at.length > mostTabled) wide.push(rule);
    else known.push({ rule, at });
  }
  return { known, wide };
}
