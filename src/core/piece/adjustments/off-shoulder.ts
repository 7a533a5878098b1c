import type { Piece } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** A neckline that was made for it, pulled down off the shoulders. */
export const offShoulder = defineAdjustment({
  settings: {},
  excludes: ["round-shoulders"],
  options: (piece) => (goesOff(piece) ? [{}] : []),
  asWorn: (piece) =>
    goesOff(piece)
      ? ({
          ...piece,
          figures: { ...piece.figures, neckline: "off the shoulder", neckDepth: null },
        } as typeof piece)
      : piece,
  station: () => "neck",
  words: {
    name: "Off the shoulder",
    doing: "Pull {piece} off the shoulders",
    undoing: "Wear {piece} on the shoulders",
    done: "off the shoulder",
  },
});

type Necked = Extract<Piece, { figures: { offShoulder: unknown } }>;

function goesOff(piece: Piece): piece is Necked {
  return "offShoulder" in piece.figures && piece.figures.offShoulder;
}
