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
  let sum = 0;
  for (const points of pointsByLens(findings).values()) sum += points;
  return sum;
}

/** The score of points over the start, 0-100, to a tenth. */
export function scoreFrom(points: number): number {
  return Math.round(Math.max(0, Math.min(100, scoring.start + scoring.perPoint * points)) * 10) / 10;
}

/** What the findings of each lens add up to; a lens with nothing but what was not read is left out. */
export function pointsByLens(findings: readonly Finding[]): ReadonlyMap<Lens, number> {
  const points = new Map<Lens, number>();
  for (const lens of lenses) {
    let sum: number | null = null;
    const praise: number[] = [];
    for (const finding of findings) {
      if (finding.lens !== lens || finding.effect === "unread") continue;
      const value = valueOf(finding);
      if (value > 0) praise.push(value);
      sum = (sum ?? 0) + Math.min(0, value);
    }
    if (sum === null) continue;
    if (praise.length > 1) putInOrder(praise, (one, other) => other - one);
    for (let i = 0; i < praise.length; i += 1) sum += (praise[i] ?? 0) / (i + 1);
    points.set(lens, sum);
  }
  return points;
}
