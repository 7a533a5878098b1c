import { putInOrder } from "../lists/put-in-order";
import { lenses, type Finding, type Lens } from "../rules/finding";
import { valueOf } from "./severity";
import { scoring } from "./verdict";

/**
 * Score of findings, 0-100: 70 + 4 * the sum of weight * effect, where the n-th praise of one lens
 * counts 1/n (the strongest first).
 */
export function scoreOf(findings: readonly Finding[]): number {
  return scoreFrom(pointsIn(findings));
}

/** What findings add up to, over all lenses. */
export function pointsIn(findings: readonly Finding[]): number {
  return sumOf(pointsByLens(findings));
}

/** What the points of the lenses add up to. */
export function sumOf(points: readonly LensPoints[]): number {
  let sum = 0;
  for (const lens of points) sum += lens ?? 0;
  return sum;
}

/** The score of points over the start, 0-100, to a tenth. */
export function scoreFrom(points: number): number {
  return Math.round(Math.max(0, Math.min(100, scoring.start + scoring.perPoint * points)) * 10) / 10;
}

/** What one lens adds up to; null where it has nothing but what was not read. */
export type LensPoints = number | null;

const orderOf = Object.fromEntries(lenses.map((lens, i) => [lens, i])) as Readonly<Record<Lens, number>>;

/** What the findings of each lens add up to, in the order of the lenses. */
export function pointsByLens(findings: readonly Finding[]): LensPoints[] {
  const sums = lenses.map((): LensPoints => null);
  const praise = lenses.map((): number[] | null => null);
  for (const finding of findings) {
    if (finding.effect === "unread") continue;
    const at = orderOf[finding.lens];
    const value = valueOf(finding);
    sums[at] = (sums[at] ?? 0) + Math.min(0, value);
    if (value > 0) (praise[at] ??= []).push(value);
  }
  for (let at = 0; at < sums.length; at += 1) {
    const own = praise[at];
    if (!own) continue;
    putInOrder(own, theMostFirst);
    let sum = sums[at] ?? 0;
    for (let i = 0; i < own.length; i += 1) sum += (own[i] ?? 0) / (i + 1);
    sums[at] = sum;
  }
  return sums;
}

function theMostFirst(one: number, other: number): number {
  return other - one;
}
