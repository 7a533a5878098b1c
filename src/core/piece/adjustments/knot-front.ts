import { isKind } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** What a knot in a shirt takes off its level, steps. */
const level = -0.5;
/** How far under the waist line the knot ends, cm. */
const under = 1;
/** Cloth that makes no knot: it is too thick to tie. */
const thick: ReadonlySet<string> = new Set(["heavy knit", "wool"]);

/** A top tied in a knot at the waist. */
export const knotFront = defineAdjustment({
  settings: {},
  excludes: ["wear-out", "tuck-in", "half-tuck"],
  options: (piece) =>
    isKind(piece, "top") &&
    piece.finish !== "knit" &&
    !(piece.cloth !== null && thick.has(piece.cloth)) &&
    piece.figures.neckline !== "strapless"
      ? [{}]
      : [],
  onBody: (piece, _, { measures }) =>
    isKind(piece, "top")
      ? {
          ...piece,
          figures: {
            ...piece.figures,
            tucked: false,
            length: Math.min(piece.figures.length, measures.neckPoint.cm - measures.waistLine.cm + under),
          },
        }
      : piece,
  level: () => level,
  station: () => "belt",
  words: {
    name: "Knotted",
    doing: "Knot {piece} at the waist",
    undoing: "Wear {piece} as made",
    done: "knotted at the waist",
  },
});
