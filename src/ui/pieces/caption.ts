import { sayLength, type LengthUnit } from "@/core/length/length";
import type { Piece } from "@/core/piece/piece";
import { drawingOf } from "../drawing/kinds";

/** The figures of a piece that matter at a glance, in a few words. */
export function captionOf(piece: Piece, unit: LengthUnit): string {
  const figures = drawingOf(piece).caption(piece.figures, (cm) => sayLength(cm, unit));
  return [...figures, metalOf(piece)].filter(Boolean).join(", ");
}

function metalOf(piece: Piece): string {
  if (piece.metal === "none") return "";
  return piece.metal === "unknown" ? "metal not recorded" : piece.metal;
}
