import { dress } from "../dressing/dress";
import type { Dressed } from "../dressing/dressed";
import { addAll } from "../lists/add-all";
import type { Look } from "../piece/look";
import { lenses, type Finding, type Lens } from "../rules/finding";
import { registry } from "../rules/registry";
import { pointsByLens, scoreFrom, sumOf } from "./score";
import { verdictOf, type Verdict } from "./verdict";

/** One lens of a reading: its own score, or null when no rule of it had anything to say. */
export interface LensReading {
  readonly lens: Lens;
  readonly score: number | null;
}

/** What the rules say of a look. */
export interface Reading {
  readonly verdict: Verdict;
  /** 0-100. */
  readonly score: number;
  /** What the findings add up to, without the ends of the score: two looks at 100 can still be told apart. */
  readonly points: number;
  /** Level of the register, 1-9; null for an empty look. */
  readonly level: number | null;
  readonly lenses: readonly LensReading[];
  readonly findings: readonly Finding[];
}

/** Reads a look: the same look always gives the same reading, to the byte. */
export function read(look: Look): Reading {
  return readDressed(dress(look));
}

/** Reads a look that is already dressed. */
export function readDressed(dressed: Dressed): Reading {
  const findings: Finding[] = [];
  for (const rule of registry) addAll(findings, rule.read(dressed));
  return sumUp(findings, dressed);
}

/** What findings, in the order of the rules, make of a look. */
export function sumUp(findings: readonly Finding[], { level }: Pick<Dressed, "level">): Reading {
  const points = pointsByLens(findings);
  const total = sumOf(points);
  const score = scoreFrom(total);
  return {
    verdict: verdictOf(findings, score),
    score,
    points: Math.round(total * 1e6) / 1e6,
    level,
    lenses: lenses.map((lens, i) => {
      const own = points[i] ?? null;
      return { lens, score: own === null ? null : scoreFrom(own) };
    }),
    findings,
  };
}
