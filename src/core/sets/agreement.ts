import { pairOf, type PairView } from "../dressing/pair";
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
  readonly piece: Piece;
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
  return { piece, dressed, concerns };
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

/**
 * What any two of some pieces, told by their places, are to one another in points: the points of their
 * agreement. Where a rule reads little of a piece, those alike in it are asked about once.
 */
export function pointsBetween(pieces: readonly (Loose | null)[]): (one: number, other: number) => number {
  const askers = pairRules.map((rule, i) => asker(rule, 1 << i, pieces));
  return (one, other) => {
    const [first, second] = [pieces[one], pieces[other]];
    if (!first || !second) return 0;
    const concerns = first.concerns & second.concerns;
    let pair: PairView | null = null;
    let sum = 0;
    for (const { bit, rule, known, sorts, count } of askers) {
      if ((concerns & bit) === 0) continue;
      const at = (sorts[one] ?? 0) * count + (sorts[other] ?? 0);
      let points = known[at];
      if (points === undefined || Number.isNaN(points)) {
        pair ??= pairOf(first.dressed, second.dressed);
        points = pointsOf(rule.read(pair));
        if (count > 0) known[at] = points;
      }
      sum += points;
    }
    return sum;
  };
}

/** A rule with what it has said, by the sorts into which it puts pieces: those alike in all that it reads. */
function asker(rule: (typeof pairRules)[number], bit: number, pieces: readonly (Loose | null)[]) {
  const { judgesBy } = rule;
  const names = pieces.map((laid) => (laid && judgesBy && laid.concerns & bit ? judgesBy(laid.piece) : null));
  const distinct = [...new Set(names)];
  const count = judgesBy ? distinct.length : 0;
  const known = new Float64Array(count * count).fill(NaN);
  return { rule, bit, count, known, sorts: Int32Array.from(names, (name) => distinct.indexOf(name)) };
}
