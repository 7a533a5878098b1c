import { effectValues } from "../../reading/verdict";
import { lenses, type Finding } from "../../rules/finding";
import type { Rule } from "../../rules/define-rule";
import type { Hope } from "../../rules/outlook";

/** What one rule makes of a look, as points count it: what is against it, and each praise, the strongest first. */
export interface Outcome {
  /** 0 or less. */
  readonly faults: number;
  readonly praise: readonly number[];
}

export const silence: Outcome = { faults: 0, praise: [] };

export function isSilence({ faults, praise }: Outcome): boolean {
  return faults === 0 && praise.length === 0;
}

const strongestFirst = (one: number, other: number) => other - one;

/** What findings of one rule count. */
export function outcomeOf(findings: readonly Finding[]): Outcome {
  if (findings.length === 0) return silence;
  let faults = 0;
  const praise: number[] = [];
  for (const { weight, effect } of findings) {
    const value = weight * effectValues[effect];
    if (value > 0) praise.push(value);
    else faults += value;
  }
  return { faults, praise: praise.sort(strongestFirst) };
}

/** What a hope counts at the weight of its rule. */
export function hopedOf({ faults, praise }: Hope, weight: number): Outcome {
  if (weight === 0 || (faults.length === 0 && praise.length === 0)) return silence;
  return {
    faults: faults.reduce((sum, effect) => sum + weight * effectValues[effect], 0),
    praise: praise.map((effect) => weight * effectValues[effect]).sort(strongestFirst),
  };
}

/** No worse than any of some outcomes: the least against, and of each rank of praise the most. */
export function bestOf(outcomes: readonly Outcome[]): Outcome {
  const [first] = outcomes;
  if (!first) return silence;
  let { faults } = first;
  let praise = first.praise;
  for (const other of outcomes) {
    faults = Math.max(faults, other.faults);
    if (other.praise === praise) continue;
    const [longer, shorter] =
      other.praise.length > praise.length ? [other.praise, praise] : [praise, other.praise];
    praise = longer.map((value, rank) => Math.max(value, shorter[rank] ?? 0));
  }
  return { faults, praise };
}

/**
 * Adds up the points of a look by the outcomes of its rules: in each lens what is against it, and the n-th praise 1/n,
 * the strongest first (as `pointsByLens` counts findings). More praise in any lens never makes it less, so outcomes
 * that are no worse than the true ones give no fewer points.
 * @returns the points by the outcome of each of the rules
 */
export function pointsOf(rules: readonly Pick<Rule, "lens">[]): (outcome: (at: number) => Outcome) => number {
  const lensOf = rules.map(({ lens }) => lenses.indexOf(lens));
  // Asked about by the ten thousand: the lists are made once.
  const praised = lenses.map((): number[] => []);
  return (outcome) => {
    let sum = 0;
    for (let at = 0; at < lensOf.length; at += 1) {
      const { faults, praise } = outcome(at);
      sum += faults;
      if (praise.length > 0) praised[lensOf[at] ?? 0]?.push(...praise);
    }
    for (const praise of praised) {
      if (praise.length > 1) praise.sort(strongestFirst);
      for (let rank = 0; rank < praise.length; rank += 1) sum += (praise[rank] ?? 0) / (rank + 1);
      praise.length = 0;
    }
    return sum;
  };
}
