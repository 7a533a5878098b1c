import { memo, useId } from "react";
import type { Piece } from "@/core/piece/piece";
import { drawingOf } from "./kinds";
import { paintOf } from "./paint";
import { plateBox, type PlateBox } from "./plate-box";

interface PlateProps {
  readonly piece: Piece;
  /** What the drawing must hold, cm: one box for all plates that stand to one scale. Default: the piece's own. */
  readonly box?: PlateBox | undefined;
  readonly className?: string;
}

/** Side of the square that every plate is drawn in, cm. */
const size = 160;

/**
 * A piece drawn from its recorded figures, its photo in the corner where one is kept; drawn again only when the piece or
 * its box is another.
 */
export const Plate = memo(function Plate({ piece, box, className }: PlateProps) {
  const scope = useId();
  const { width, height } = box ?? plateBox(piece);
  const paint = paintOf(piece, scope);
  const drawing = (
    <svg
      viewBox={`${(size - width) / 2} ${(size - height) / 2} ${width} ${height}`}
      className={piece.photo === undefined ? className : "size-full"}
      aria-hidden="true"
      focusable="false"
    >
      {paint.defs && <defs>{paint.defs}</defs>}
      {drawingOf(piece).plate({ piece, paint, id: scope, size })}
    </svg>
  );
  if (piece.photo === undefined) return drawing;
  return (
    <span className={`relative block ${className ?? ""}`}>
      {drawing}
      <img
        src={photoAddress(piece.id, piece.photo)}
        alt=""
        loading="lazy"
        className="absolute right-0 bottom-0 h-2/5 max-w-2/5 border border-paper object-cover shadow-sm"
      />
    </span>
  );
});

/** Where the photo of a piece is fetched from; another picture has another address. */
export function photoAddress(pieceId: string, stamp: string): string {
  return `/photo/${pieceId}?of=${stamp}`;
}
