import { isKind } from "../piece";
import { defineAdjustment } from "./define-adjustment";

export const wearOut = defineAdjustment({
  settings: {},
  excludes: ["tuck-in", "half-tuck", "knot-front"],
  options: (piece) => (isKind(piece, "top") ? [{}] : []),
  asWorn: (piece) =>
    isKind(piece, "top") ? { ...piece, figures: { ...piece.figures, tucked: false } } : piece,
  words: {
    name: "Worn out",
    doing: "Wear {piece} out",
    undoing: "Wear {piece} as made",
    done: "worn out",
  },
});
