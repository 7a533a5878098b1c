"use client";

import type { Piece } from "@/core/piece/piece";
import { papersWords } from "@/words/papers";
import { Button } from "../kit/button";
import { saveSvg } from "../kit/save-file";
import { drawnAside } from "./state/drawn-aside";
import { fileStem } from "./words/file-stem";
import { PiecesDrawing } from "./parts/pieces-drawing";

interface SavePiecesProps {
  readonly pieces: readonly Piece[];
  /** What the drawing shows: a piece, a set. */
  readonly name: string;
  readonly look?: "quiet" | "plain";
  readonly size?: "small" | "normal";
}

/** Saves pieces, drawn side by side to one scale, as a drawing of their own. */
export function SavePieces({ pieces, name, look = "plain", size = "normal" }: SavePiecesProps) {
  return (
    <Button
      look={look}
      size={size}
      onClick={() =>
        saveSvg(drawnAside(<PiecesDrawing pieces={pieces} />), `${fileStem(name, "drawing")}.svg`)
      }
    >
      {papersWords.saveTheDrawing}
    </Button>
  );
}
