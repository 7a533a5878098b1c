import { isKind, placeOf } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** What a hem that is half out takes off the level of a top, steps. */
const level = -0.25;

/** A top tucked in on one side of the front and out on the rest: the waist shows where it is in. */
export const halfTuck = defineAdjustment({
  settings: {},
  excludes: ["wear-out", "tuck-in", "knot-front"],
  options: (piece) => (isKind(piece, "top") ? [{}] : []),
  asWorn: (piece) =>
    isKind(piece, "top") ? { ...piece, figures: { ...piece.figures, tucked: true } } : piece,
  // The half that is out lies over the waistband.
  layer: () => "top",
  level: () => level,
  needs: (others) => others.some((other) => placeOf(other) === "bottom"),
  station: () => "belt",
  words: {
    name: "Half tucked",
    doing: "Tuck {piece} in on one side",
    undoing: "Wear {piece} as made",
    done: "half tucked",
  },
});
