import type { PieceOf } from "@/core/piece/piece";
import type { Flat } from "./flat";

/** Trousers laid flat, cut to their recorded figures. */
export function trousersFlat(figures: PieceOf<"trousers">["figures"]): Flat {
  const { inseam, opening, leg } = figures;
  const rise = 27;
  const hem = opening / 2;
  const hip = 24;
  const height = inseam + rise;
  const spread = leg === "shorts" || leg === "culotte" ? 4 : 3;
  const side = `L -${hip} ${rise * 0.7} L -${hem + spread} ${height} L -${spread} ${height} L 0 ${rise} L ${spread} ${height} L ${hem + spread} ${height} L ${hip} ${rise * 0.7}`;
  return {
    outline: `M -18 0 ${side} L 18 0 Z`,
    lines: [
      `M -18.5 3.5 L 18.5 3.5`,
      `M 0 3.5 L 0 ${rise}`,
      `M -${hem / 2 + spread} ${height} L -11 ${rise * 0.7}`,
      `M ${hem / 2 + spread} ${height} L 11 ${rise * 0.7}`,
    ],
    width: Math.max(48, 2 * (hem + spread)),
    height,
  };
}
