import { biasBand } from "./bias-band";
import type { NamedFold } from "./define-fold";
import { half } from "./half";
import { longHalf } from "./long-half";
import { pleats } from "./pleats";
import { rolledTriangle } from "./rolled-triangle";
import { straightBand } from "./straight-band";
import { triangle } from "./triangle";
import { twoPoints } from "./two-points";
import { wideBand } from "./wide-band";

/** Every fold that has a name. */
export const namedFolds = {
  triangle,
  "rolled triangle": rolledTriangle,
  "bias band": biasBand,
  "straight band": straightBand,
  "wide band": wideBand,
  pleats,
  half,
  "long half": longHalf,
  "two points": twoPoints,
} as const satisfies Record<string, NamedFold>;
export type FoldName = keyof typeof namedFolds;

export const foldNames = Object.keys(namedFolds) as [FoldName, ...FoldName[]];
