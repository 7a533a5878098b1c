import { hasOwnBelt } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** The belt that a dress or a coat came with, left at home. */
export const ownBeltOff = defineAdjustment({
  settings: {},
  excludes: [],
  options: (piece) => (hasOwnBelt(piece) ? [{}] : []),
  asWorn: (piece) =>
    hasOwnBelt(piece) ? ({ ...piece, figures: { ...piece.figures, ownBelt: false } } as typeof piece) : piece,
  station: () => "belt",
  words: {
    name: "Without its own belt",
    doing: "Leave off the belt that {piece} came with",
    undoing: "Put on the belt that {piece} came with",
    done: "without its own belt",
  },
});
