import { isKind } from "../piece";
import { defineAdjustment } from "./define-adjustment";

export const double = defineAdjustment({
  settings: {},
  excludes: [],
  options: (piece) => (isKind(piece, "necklace") ? [{}] : []),
  asWorn: (piece) =>
    isKind(piece, "necklace")
      ? { ...piece, figures: { ...piece.figures, loop: piece.figures.loop / 2 } }
      : piece,
  words: {
    name: "Doubled",
    doing: "Double {piece}",
    undoing: "Wear {piece} single",
    done: "doubled",
  },
});
