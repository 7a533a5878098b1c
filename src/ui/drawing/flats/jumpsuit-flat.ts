import type { PieceOf } from "@/core/piece/piece";
import type { Flat } from "./flat";

/** A jumpsuit laid flat: a short bodice over a pair of legs. */
export function jumpsuitFlat(figures: PieceOf<"jumpsuit">["figures"]): Flat {
  const { inseam, opening } = figures;
  const waist = 42;
  const crotch = waist + 27;
  const height = crotch + inseam;
  const hem = opening / 2;
  const half = 20;
  return {
    outline: `M 8 0 L ${half} 5 L ${half + 1} 20 L ${half - 2} ${waist} L ${half + 3} ${waist + 18} L ${hem + 3} ${height} L 3 ${height} L 0 ${crotch} L -3 ${height} L -${hem + 3} ${height} L -${half + 3} ${waist + 18} L -${half - 2} ${waist} L -${half + 1} 20 L -${half} 5 L -8 0 Q 0 16 8 0 Z`,
    lines: [`M -${half - 2} ${waist} L ${half - 2} ${waist}`, `M 0 ${waist} L 0 ${crotch}`],
    width: 2 * Math.max(hem + 3, half + 3),
    height,
  };
}
