import { isKind } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** The handle taken off a bag that lets it go: only the strap is left. */
export const handleOff = defineAdjustment({
  settings: {},
  excludes: [],
  options: (piece) =>
    isKind(piece, "bag") && piece.figures.handle !== null && piece.figures.handleComesOff ? [{}] : [],
  asWorn: (piece) =>
    isKind(piece, "bag") ? { ...piece, figures: { ...piece.figures, handle: null } } : piece,
  words: {
    name: "Handle off",
    doing: "Take the handle off {piece}",
    undoing: "Put the handle back on {piece}",
    done: "handle off",
  },
});
