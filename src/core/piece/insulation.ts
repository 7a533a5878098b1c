import { adjustmentSpec, type Adjustment } from "./adjustment";
import { specOf, type Piece } from "./piece";

/**
 * Insulation of a piece as it is worn, clo (docs/model.md, Comfort).
 * @param asWorn the piece with the figures it has as it is worn
 * @param adjustments what is done to it
 */
export function insulationOf(asWorn: Piece, adjustments: readonly Adjustment[] = []): number {
  let clo = specOf(asWorn).insulation(asWorn.figures, asWorn);
  for (const adjustment of adjustments) clo += adjustmentSpec(adjustment.kind).insulation?.(adjustment) ?? 0;
  return Math.max(0, clo);
}
