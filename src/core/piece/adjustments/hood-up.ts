import { defineAdjustment } from "./define-adjustment";

/** What a hood over head and neck adds, clo (as a hat and a collar; docs/model.md, Comfort). */
const clo = 0.08;

/** The hood drawn over the head. */
export const hoodUp = defineAdjustment({
  settings: {},
  excludes: [],
  options: (piece) =>
    (piece.kind === "coat" || piece.kind === "jacket") && piece.figures.collar === "hood" ? [{}] : [],
  insulation: () => clo,
  station: () => "hat",
  words: {
    name: "Hood up",
    doing: "Draw the hood of {piece} up",
    undoing: "Let the hood of {piece} down",
    done: "hood up",
  },
});
