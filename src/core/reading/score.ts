import type { Finding, Lens } from "../rules/finding";
import { lenses } from "../rules/finding";
import { effectValues } from "./effects";

const start = 70;
const perPoint = 4;

/**
 * Score of findings, 0-100: 70 + 4 * the sum of weight * effect, where the n-th praise of one lens
 * counts 1/n (the strongest first).
 */
export function scoreOf(findings: readonly Finding[]): number {
  const total = lenses.reduce((sum, lens) => sum + pointsOf(findings, lens), 0);
  return Math.round(Math.max(0, Math.min(100, start + perPoint * total)) * 10) / 10;
}

function pointsOf(findings: readonly Finding[], lens: Lens): number {
  let faults = 0;
  const praise: number[] = [];
  for (const finding of findings) {
    if (finding.lens !== lens) continue;
    const points = finding.weight * effectValues[finding.effect];
    if (points > 0) praise.push(points);
    else faults += points;
  }
  praise.sort((one, other) => other - one);
  return faults + praise.reduce((sum, points, i) => sum + points / (i + 1), 0);
}
