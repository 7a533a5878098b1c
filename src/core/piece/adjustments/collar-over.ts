import { isKind } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** The collar of a shirt laid out over the neck of the knit above it: it is what is seen at the neck. */
export const collarOver = defineAdjustment({
  settings: {},
  excludes: ["collar-up"],
  options: (piece) => (isKind(piece, "top") && piece.figures.neckline === "shirt collar" ? [{}] : []),
  needs: (others) => others.some((other) => isKind(other, "top") && other.figures.neckline !== "roll"),
  station: () => "neck",
  words: {
    name: "Collar over the knit",
    doing: "Lay the collar of {piece} over the knit",
    undoing: "Keep the collar of {piece} under the knit",
    done: "collar over the knit",
  },
});
