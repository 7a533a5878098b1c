import { swap, type Look } from "../piece/look";
import { compareVerdicts, type Verdict } from "../reading/verdict";
import { boardReader, type ReadCells } from "./board";
import type { GapSpec } from "./gap-spec";
import { jarringOf, stillJars, type Jarring } from "./jarring";

/** One base for one occasion, and what the sets make of it. */
export interface Serving {
  readonly base: string;
  readonly occasion: string;
  /** The best that any set makes of it, and the position of that set. */
  readonly verdict: Verdict;
  readonly set: number;
  /** Where no set serves it, the looks that come nearest, the nearest first: each jars as it is. Else none. */
  readonly nearest: readonly Look[];
}

/** What one missing piece would open up. */
export interface Gap {
  readonly spec: GapSpec;
  /** Positions of the pairs it turns from jars to sits or sings. */
  readonly unlocks: readonly number[];
}

/** How many of the sets that come nearest a missing piece is tried with. */
const mostTried = 4;

/**
 * What the sets make of a base for an occasion, each with its best turn-up where the hem wants one.
 * @param looks the base with each of the sets, in their order
 * @returns null without a set
 */
export function servingOf(
  looks: readonly Look[],
  names: Pick<Serving, "base" | "occasion">,
  readCells = boardReader(),
): Serving | null {
  const read = readCells(looks, (look) => look)
    .map(({ of: look, reach }, set) => ({ look, set, ...reach }))
    .sort((one, other) => compareVerdicts(other.verdict, one.verdict) || other.score - one.score);
  const [best] = read;
  if (!best) return null;
  const closest = best.verdict === "jars" ? read.slice(0, mostTried) : [];
  return {
    ...names,
    verdict: best.verdict,
    set: best.set,
    nearest: closest.map(({ look }) => look),
  };
}

/**
 * What each missing piece would open up, one by one, so that whoever asks can see how far it is. A pair is
 * opened when the piece, in place of what its slot holds, makes one of the looks that come nearest sit or sing.
 */
export function* readGaps(
  unserved: readonly Pick<Serving, "nearest">[],
  specs: readonly GapSpec[],
): Generator<Gap> {
  const readCells = boardReader();
  const known = unserved.map(({ nearest }) => nearest.map(jarringOf));
  for (const spec of specs) yield { spec, unlocks: unlockedBy(spec, known, readCells) };
}

/** The positions of the pairs that a piece opens, of each the looks that come nearest. */
function unlockedBy(
  { slot, piece }: GapSpec,
  known: readonly (readonly Jarring[])[],
  readCells: ReadCells,
): number[] {
  const unlocked = new Set<number>();
  const most = Math.max(0, ...known.map(({ length }) => length));
  // Of every pair the look that comes nearest first: to most pairs that one tells.
  for (let at = 0; at < most; at += 1) {
    const tried = known.flatMap((nearest, pair) => {
      const jarring = unlocked.has(pair) ? undefined : nearest[at];
      if (!jarring) return [];
      const look = swap(jarring.read.dressed.look, slot, piece);
      return stillJars(jarring, look) ? [] : [{ pair, look, beside: jarring.read }];
    });
    const cells = readCells(
      tried,
      ({ look }) => look,
      ({ beside }) => beside,
    );
    for (const { of, reach } of cells) if (reach.verdict !== "jars") unlocked.add(of.pair);
  }
  return [...unlocked].sort((one, other) => one - other);
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
export function sayPair({ base, occasion }: Pick<Serving, "base" | "occasion">): string {
  return occasion ? `${base} for ${occasion}` : base;
}
