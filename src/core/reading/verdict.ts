import type { Effect, Finding } from "../rules/finding";

/** The verdicts, the best first. */
export const verdicts = ["sings", "sits", "jars"] as const;
export type Verdict = (typeof verdicts)[number];

/** The one order of verdicts: positive where the first is the better. */
export function compareVerdicts(one: Verdict, other: Verdict): number {
  return verdicts.indexOf(other) - verdicts.indexOf(one);
}

/** What an effect adds to a reading before its rule's weight. */
export const effectValues: Record<Effect, number> = {
  bar: -6,
  jars: -3,
  rubs: -1,
  note: 0,
  unread: 0,
  lifts: 1,
  sings: 2,
};

/** A reading without findings, what a point of weight x effect adds to it, and where it sings. */
export const scoring = { start: 70, perPoint: 4, singsFrom: 77, morePerRub: 3 } as const;

/** The highest marks of a look that jars and of one that sits: the number never says more than the verdict. */
const highest = { jars: 49, sits: scoring.singsFrom - 1, sings: 100 } as const;
const lowest = { jars: 0, sits: highest.jars + 1, sings: highest.sits + 1 } as const;

/**
 * The whole number that is shown beside a verdict, 0-100: the score, kept between the marks of its verdict; of a
 * look that jars half of it, so that what is well with it is still told.
 */
export function markOf({ verdict, score }: { readonly verdict: Verdict; readonly score: number }): number {
  const mark = Math.round(verdict === "jars" ? score / 2 : score);
  return Math.min(highest[verdict], Math.max(lowest[verdict], mark));
}

/** Sum of hem findings from which a hem over a shoe sings: one that sings, with no more than a trifle against it. */
const hemSingsFrom = 1.5;

/** Whether a finding alone makes a look jar. */
export function isGrave({ effect }: Pick<Finding, "effect">): boolean {
  return effect === "bar" || effect === "jars";
}

/**
 * Jars when any finding jars or bars; sings from a score of 77 on, and from 3 more for each thing that rubs, but
 * never within a hair of jarring: what tape and eye cannot tell apart is not praised the one way and damned the
 * other.
 */
export function verdictOf(findings: readonly Finding[], score: number): Verdict {
  if (findings.some(isGrave)) return "jars";
  if (findings.some(({ onEdge }) => onEdge)) return "sits";
  const rubs = findings.filter(({ effect }) => effect === "rubs").length;
  return score >= scoring.singsFrom + rubs * scoring.morePerRub ? "sings" : "sits";
}

/** The verdict on a hem over a shoe by its own findings. */
export function hemVerdict({
  points,
  against,
}: {
  readonly points: number;
  readonly against: readonly string[];
}): Verdict {
  if (against.length > 0) return "jars";
  return points >= hemSingsFrom ? "sings" : "sits";
}
