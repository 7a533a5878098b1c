import { sayLength, type LengthUnit } from "@/core/length/length";
import type { Piece } from "@/core/piece/piece";
import { sayWith } from "@/words/say";
import { piecesWords } from "@/words/pieces";
import { drawingOf } from "../../drawing/kinds";

/** The figures of a piece that matter at a glance, in a few words. */
export function captionOf(piece: Piece, unit: LengthUnit): string {
  // Of what nobody has said nothing is said here either.
  const missing = piece.unsaid.filter((name) => !piece.assumed.includes(name));
  const unknown = Object.fromEntries(missing.map((name) => [name, NaN]));
  const figures = drawingOf(piece)
    .caption({ ...piece.figures, ...unknown }, (cm) => (Number.isNaN(cm) ? "NaN" : sayLength(cm, unit)))
    .filter((words) => !words.includes("NaN"));
  return [...figures, metalOf(piece), missingOf(missing.length), assumedOf(piece)].filter(Boolean).join(", ");
}

function missingOf(unsaidCount: number): string {
  if (unsaidCount === 0) return "";
  return unsaidCount === 1
    ? piecesWords.n1MeasureNotSaid
    : sayWith(piecesWords.measuresNotSaid, { unsaidCount });
}

function assumedOf({ assumed }: Piece): string {
  if (assumed.length === 0) return "";
  return assumed.length === 1
    ? piecesWords.oneMeasureAssumed
    : sayWith(piecesWords.measuresAssumed, { count: assumed.length });
}

function metalOf(piece: Piece): string {
  if (piece.metal === "none") return "";
  return piece.metal === "unknown" ? piecesWords.metalNotRecorded : piece.metal;
}
