import { pairOf } from "../dressing/pair";
import { dress } from "../dressing/dress";
import type { Dressed } from "../dressing/dressed";
import type { Client } from "../piece/client";
import type { Piece } from "../piece/piece";
import { effectValues } from "../reading/verdict";
import type { Finding } from "../rules/finding";
import { registry } from "../rules/registry";

const pairRules = registry.flatMap(({ pairs }) => pairs ?? []);

/** A piece by itself on its client, ready to be held against others. */
export interface Loose {
  readonly dressed: Dressed;
  /** The rules of pairs that it can have a part in, as bits. */
  readonly concerns: number;
}

/** Lays a piece out by itself: done once for each, before many pairs are asked about. */
export function looseOf(piece: Piece, client: Client): Loose {
  const dressed = dress({ client, garments: [], accessories: [piece], adjustments: [], occasion: null });
  const [item] = dressed.worn;
  const concerns = pairRules.reduce(
    (bits, rule, i) => (item && rule.concerns(item, client.ruleBook) ? bits | (1 << i) : bits),
    0,
  );
  return { dressed, concerns };
}

/** Why two pieces of one set agree, and why not: what the rules say that the two are to one another. */
export function agreementOf(one: Loose, other: Loose): Finding[] {
  const findings: Finding[] = [];
  const concerns = one.concerns & other.concerns;
  if (concerns === 0) return findings;
  const pair = pairOf(one.dressed, other.dressed);
  for (const [i, rule] of pairRules.entries())
    if (concerns & (1 << i)) for (const finding of rule.read(pair)) findings.push(finding);
  return findings;
}

/** What findings add up to, in the points of a reading, each counted whole. */
export function pointsOf(findings: readonly Finding[]): number {
  let sum = 0;
  for (const { weight, effect } of findings) sum += weight * effectValues[effect];
  return sum;
}
