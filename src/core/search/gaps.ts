import { swap, type Look } from "../piece/look";
import { boardReader } from "./board";
import type { GapSpec } from "./gap-spec";

/** One base for one occasion that no set serves, dressed with the sets that come nearest to it. */
export interface Unserved {
  readonly base: string;
  readonly occasion: string;
  /** Each jars as it is; a missing piece is tried in all of them. */
  readonly looks: readonly Look[];
}

/** What one missing piece would open up. */
export interface Gap {
  readonly spec: GapSpec;
  /** Positions of the pairs it turns from jars to sits or sings. */
  readonly unlocks: readonly number[];
}

/** How many of the sets that come nearest a missing piece is tried with. */
const nearest = 4;

/**
 * A base for an occasion, dressed with each of the sets: null when one of them serves it, with its best
 * turn-up where the hem wants one; else the few that come nearest.
 */
export function unservedBy(
  looks: readonly Look[],
  names: Pick<Unserved, "base" | "occasion">,
  readCell = boardReader(),
): Unserved | null {
  const read = looks.map((look) => ({ look, ...readCell(look) }));
  if (read.length === 0 || read.some(({ verdict }) => verdict !== "jars")) return null;
  const closest = read.sort((one, other) => other.score - one.score).slice(0, nearest);
  return { ...names, looks: closest.map(({ look }) => look) };
}

/**
 * What each missing piece would open up, one by one, so that whoever asks can see how far it is. A pair is
 * opened when the piece, in place of what its slot holds, makes one of the nearest looks sit or sing.
 */
export function* readGaps(unserved: readonly Unserved[], specs: readonly GapSpec[]): Generator<Gap> {
  const readCell = boardReader();
  for (const spec of specs) {
    const opens = (look: Look) => readCell(swap(look, spec.slot, spec.piece)).verdict !== "jars";
    yield { spec, unlocks: unserved.flatMap(({ looks }, i) => (looks.some(opens) ? [i] : [])) };
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

/** A base with its occasion, as a list of what is opened has it. */
export function sayPair({ base, occasion }: Pick<Unserved, "base" | "occasion">): string {
  return occasion ? `${base} for ${occasion}` : base;
}
