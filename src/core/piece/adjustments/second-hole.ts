import { isKind } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** Longest drop that hangs well above another earring, cm. */
const longest = 2.5;

/** Small earrings worn as the second pair, above the first. */
export const secondHole = defineAdjustment({
  settings: {},
  excludes: [],
  options: (piece) => (isKind(piece, "earrings") && piece.figures.drop <= longest ? [{}] : []),
  slot: () => "ear",
  words: {
    name: "As the second pair",
    doing: "Wear {piece} as the second pair",
    undoing: "Wear {piece} as the first pair",
    done: "as the second pair",
  },
});
