import { sayLength, type LengthUnit } from "@/core/length/length";
import type { Piece } from "@/core/piece/piece";
import { sayWith } from "@/words/say";
import { piecesWords } from "@/words/pieces";
import { drawingOf } from "../drawing/kinds";

/** The figures of a piece that matter at a glance, in a few words. */
export function captionOf(piece: Piece, unit: LengthUnit): string {
  // Of what nobody has said nothing is said here either.
  const unknown = Object.fromEntries(piece.unsaid.map((name) => [name, NaN]));
  const figures = drawingOf(piece)
    .caption({ ...piece.figures, ...unknown }, (cm) => (Number.isNaN(cm) ? "NaN" : sayLength(cm, unit)))
    .filter((words) => !words.includes("NaN"));
  return [...figures, metalOf(piece), unsaidOf(piece)].filter(Boolean).join(", ");
}

function unsaidOf({ unsaid }: Piece): string {
  if (unsaid.length === 0) return "";
  return unsaid.length === 1
    ? piecesWords.n1MeasureNotSaid
    : sayWith(piecesWords.measuresNotSaid, { unsaidCount: unsaid.length });
}

function metalOf(piece: Piece): string {
  if (piece.metal === "none") return "";
  return piece.metal === "unknown" ? piecesWords.metalNotRecorded : piece.metal;
}
