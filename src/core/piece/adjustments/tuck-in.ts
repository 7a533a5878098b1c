import { isKind } from "../piece";
import { defineAdjustment } from "./define-adjustment";

export const tuckIn = defineAdjustment({
  settings: {},
  excludes: ["wear-out", "half-tuck", "knot-front"],
  options: (piece) => (isKind(piece, "top") ? [{}] : []),
  asWorn: (piece) =>
    isKind(piece, "top") ? { ...piece, figures: { ...piece.figures, tucked: true } } : piece,
  words: {
    name: "Tucked in",
    doing: "Tuck {piece} in",
    undoing: "Wear {piece} as made",
    done: "tucked in",
  },
});
