import { isKind } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** Carried on the other side: nothing is measured otherwise, but hand, strap and picture change sides. */
export const otherSide = defineAdjustment({
  settings: {},
  excludes: [],
  options: (piece) => (isKind(piece, "bag") ? [{}] : []),
  asWorn: (piece) => piece,
  words: {
    name: "On the other side",
    doing: "Carry {piece} on the other side",
    undoing: "Carry {piece} on the usual side",
    done: "on the other side",
  },
});
