import { ladder } from "../register/ladder";
import type { Verdict } from "../reading/verdict";

/** One meeting of a set and a base. */
export interface BoardCell {
  readonly verdict: Verdict;
  /** Level of the look, 1-9; null where nothing is worn. */
  readonly level: number | null;
}

/** What a board says in words: what is served by nothing, what serves nothing, what is not covered. */
export interface BoardWords {
  /** Positions of bases that every set jars with. */
  readonly basesUnserved: readonly number[];
  /** Positions of sets that jar with every base. */
  readonly setsIdle: readonly number[];
  /** Steps of the ladder, from the lowest that is dressed to the highest, that no look which serves stands on. */
  readonly levelsMissing: readonly string[];
}

/** Reads a board of sets (rows) on bases (columns). */
export function boardWords(rows: readonly (readonly BoardCell[])[]): BoardWords {
  const serves = ({ verdict }: BoardCell) => verdict !== "jars";
  const columns = rows[0]?.length ?? 0;
  const steps = new Set(
    rows.flat().flatMap((cell) => (serves(cell) && cell.level !== null ? [Math.round(cell.level)] : [])),
  );
  const dressed = rows.flat().flatMap(({ level }) => (level === null ? [] : [Math.round(level)]));
  const [low, high] = [Math.min(...dressed), Math.max(...dressed)];
  return {
    basesUnserved: Array.from({ length: columns }, (_, i) => i).filter(
      (i) => !rows.some((row) => row[i] && serves(row[i])),
    ),
    setsIdle: rows.map((_, i) => i).filter((i) => !(rows[i] ?? []).some(serves)),
    levelsMissing: ladder.filter((_, i) => i + 1 >= low && i + 1 <= high && !steps.has(i + 1)),
  };
}
