import { wear, type Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import { decidingMeasures } from "../reading/open-questions";
import { keepsOut } from "./belonging";
import { read } from "../reading/read";

/** A measure nobody has taken, and how many verdicts hang on it. */
export interface MeasureFirst {
  readonly pieceId: string;
  /** The name of the figure. */
  readonly figure: string;
  readonly decides: number;
}

/** What was gone through so far, and the measures on which most hangs first. */
export interface MeasuresFirst {
  readonly measures: readonly MeasureFirst[];
  /** How many looks that rest on a measure nobody has taken were read. */
  readonly read: number;
}

/**
 * Goes through every base as it is and with each accessory, and counts for each measure that nobody has taken the verdicts
 * that would be others if it were a little more or less than is usual. A step a base.
 */
export function* measureFirst(
  bases: readonly Look[],
  accessories: readonly Piece[],
): Generator<MeasuresFirst> {
  const found = new Map<string, MeasureFirst>();
  let count = 0;
  const ask = (look: Look, about: readonly Piece[]) => {
    count += 1;
    for (const { piece, name } of decidingMeasures(look, about)) {
      const key = `${piece.id} ${name}`;
      const before = found.get(key)?.decides ?? 0;
      found.set(key, { pieceId: piece.id, figure: name, decides: before + 1 });
    }
  };
  for (const base of bases) {
    const own = base.garments.filter(isUnmeasured);
    if (own.length > 0) ask(base, own);
    for (const accessory of accessories) {
      const about = isUnmeasured(accessory) ? [...own, accessory] : own;
      if (about.length === 0) continue;
      const look = wear(base, accessory);
      if (!read(look).findings.some((finding) => keepsOut(finding, accessory))) ask(look, about);
    }
    const measures = [...found.values()].toSorted((a, b) => b.decides - a.decides);
    yield { measures, read: count };
  }
}

const isUnmeasured = ({ unsaid }: Piece) => unsaid.length > 0;
