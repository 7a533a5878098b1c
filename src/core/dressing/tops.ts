import type { Look } from "../piece/look";
import { adjustmentOn } from "../piece/adjustment";
import { isKind, isKnit, type PieceOf } from "../piece/piece";

/**
 * The tops of a look that lie under another one. A bustier lies over what covers the shoulders, a roll neck
 * under a shirt's collar, woven cloth under a knit, the narrower under the wider; of two that are alike in all
 * of this, the one laid out first lies under.
 */
export function topsUnderAnother({
  garments,
  adjustments,
}: Pick<Look, "garments" | "adjustments">): readonly PieceOf<"top">[] {
  const tops = garments.filter(
    (piece): piece is PieceOf<"top"> =>
      isKind(piece, "top") && adjustmentOn(adjustments, "round-shoulders", piece.id) === null,
  );
  if (tops.length < 2) return none;
  const outermost = tops.reduce((outer, other) => (liesOver(outer, other) ? outer : other));
  return tops.filter((top) => top !== outermost);
}

const none: readonly PieceOf<"top">[] = [];

function liesOver(one: PieceOf<"top">, other: PieceOf<"top">): boolean {
  if (isBustier(one) !== isBustier(other)) return isBustier(one);
  if (hasCollar(one) && isRollNeck(other)) return true;
  if (hasCollar(other) && isRollNeck(one)) return false;
  if (isKnit(one) !== isKnit(other)) return isKnit(one);
  return one.figures.bodyGirth > other.figures.bodyGirth;
}

const isBustier = ({ figures }: PieceOf<"top">) => figures.neckline === "strapless";
const hasCollar = ({ figures }: PieceOf<"top">) => figures.neckline === "shirt collar";
const isRollNeck = ({ figures }: PieceOf<"top">) => figures.neckline === "roll";
