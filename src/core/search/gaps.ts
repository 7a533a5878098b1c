import { swap, type Look } from "../piece/look";
import { read } from "../reading/read";
import type { GapSpec } from "./gap-spec";

/** One base for one occasion, dressed with the set that comes nearest to serving it. */
export interface Unserved {
  readonly base: string;
  readonly occasion: string;
  readonly look: Look;
}

/** What one missing piece would open up. */
export interface Gap {
  readonly spec: GapSpec;
  /** Positions of the pairs it turns from jars to sits or sings. */
  readonly unlocks: readonly number[];
}

/** What each missing piece would open up, one by one, so that whoever asks can see how far it is. */
export function* readGaps(unserved: readonly Unserved[], specs: readonly GapSpec[]): Generator<Gap> {
  for (const spec of specs) {
    const unlocks = unserved.flatMap(({ look }, i) =>
      read(swap(look, spec.slot, spec.piece)).verdict === "jars" ? [] : [i],
    );
    yield { spec, unlocks };
  }
}

/**
 * The few missing pieces that open up most together: the one that unlocks most, then the one that unlocks
 * most of what is left, and so on. Pieces that unlock nothing are left out.
 */
export function bestGaps(gaps: readonly Gap[], most: number): Gap[] {
  const taken: Gap[] = [];
  const open = new Set(gaps.flatMap(({ unlocks }) => unlocks));
  while (taken.length < most && open.size > 0) {
    const best = gaps.reduce<{ gap: Gap; fresh: number } | null>((found, gap) => {
      const fresh = gap.unlocks.filter((i) => open.has(i)).length;
      return fresh > (found?.fresh ?? 0) ? { gap, fresh } : found;
    }, null);
    if (!best) break;
    taken.push(best.gap);
    for (const i of best.gap.unlocks) open.delete(i);
  }
  return taken;
}

/** The look among several that scores best; what a missing piece is tried on. */
export function nearest(looks: readonly Look[]): Look | null {
  return (
    looks.reduce<{ look: Look; score: number } | null>((found, look) => {
      const { score } = read(look);
      return !found || score > found.score ? { look, score } : found;
    }, null)?.look ?? null
  );
}
