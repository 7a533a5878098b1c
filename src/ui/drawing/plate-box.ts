import type { Piece } from "@/core/piece/piece";
import { drawingOf } from "./kinds";

/** The width and height a plate needs, cm. */
export interface PlateBox {
  readonly width: number;
  readonly height: number;
}

/** What a piece's drawing takes, with a margin. */
export function plateBox(piece: Piece): PlateBox {
  return drawingOf(piece).box(piece);
}

/** The box that holds every one of the pieces. */
export function commonBox(pieces: readonly Piece[]): PlateBox {
  const boxes = pieces.map(plateBox);
  return {
    width: Math.max(1, ...boxes.map(({ width }) => width)),
    height: Math.max(1, ...boxes.map(({ height }) => height)),
  };
}
