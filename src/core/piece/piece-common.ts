import type { Cloth } from "../finish/cloths";
import type { Finish } from "../finish/finishes";
import type { Metal } from "../finish/metals";
import type { RegisterSpan } from "../register/ladder";
import type { Pole } from "../style/poles";
import type { Swatch } from "./swatch";

export const patterns = ["plain", "stripe", "check", "dot", "floral", "animal", "placed"] as const;

type Pattern = (typeof patterns)[number];

/** How much a piece speaks, from 0. */
export const statementWords = ["background", "quiet", "leading", "the first thing seen"] as const;

/** What every piece is recorded with, whatever its kind. */
export interface PieceCommon {
  readonly id: string;
  readonly name: string;
  readonly swatches: readonly Swatch[];
  readonly finish: Finish;
  readonly secondFinish: Finish | null;
  /** What it is made of; null where that was not recorded. */
  readonly cloth: Cloth | null;
  readonly pattern: Pattern;
  /** Size of the motif or the repeat, cm; 0 when plain. */
  readonly patternScale: number;
  readonly metal: Metal;
  /** How much metal is seen: 0 none, 1 a trace, 2 plain to see, 3 the point of the piece. */
  readonly metalSize: 0 | 1 | 2 | 3;
  /** The ways it leans; none where nobody has said. */
  readonly poles: readonly Pole[];
  /** 0 background to 3 the first thing seen; null where nobody has said. */
  readonly statement: 0 | 1 | 2 | 3 | null;
  /** Where it is at home; null where nobody has said. */
  readonly register: RegisterSpan | null;
  /** The measures nobody has said, by the names of the figures in which the usual ones stand in. */
  readonly unsaid: readonly string[];
  /** Those of the unsaid whose figure came with what the piece was called: an ankle boot has a shaft of about 14 cm. */
  readonly assumed: readonly string[];
  /** Names the photo kept beside it; left out where there is none. No rule reads it. */
  readonly photo?: string;
}
