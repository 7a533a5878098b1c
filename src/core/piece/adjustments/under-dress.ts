import { isKind, placeOf } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** What a top under a dress takes off its level, steps. */
const level = -0.5;

/** A tee, a shirt or a fine knit worn under the dress instead of over it. */
export const underDress = defineAdjustment({
  settings: {},
  excludes: ["wear-out", "tuck-in", "half-tuck", "knot-front", "round-shoulders"],
  options: (piece) => (isKind(piece, "top") ? [{}] : []),
  asWorn: (piece) =>
    isKind(piece, "top") ? { ...piece, figures: { ...piece.figures, tucked: true } } : piece,
  layer: () => "tucked top",
  level: () => level,
  needs: (others) => others.some((other) => placeOf(other) === "whole"),
  station: () => "neck",
  words: {
    name: "Under the dress",
    doing: "Wear {piece} under the dress",
    undoing: "Wear {piece} over the dress",
    done: "under the dress",
  },
});
