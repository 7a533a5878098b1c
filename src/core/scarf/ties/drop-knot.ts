import { defineTie } from "./define-tie";
import { showsHanging } from "./layouts";

export const dropKnot = defineTie({
  name: "drop knot",
  place: "neck",
  folds: ["straight band", "bias band", "long half", "wide band"],
  round: "neck",
  wraps: 1,
  knot: "half",
  ease: 24,
  shows: showsHanging,
  edge: null,
  area: 0.06,
  warmth: 0.08,
  level: 0,
  cautions: [],
  goesWith: "deep V necks, open jackets and coats",
  steps: [
    "Lay the scarf round the neck with the ends even.",
    "Knot one end once, loosely, a hand below the throat.",
    "Put the other end through that knot and draw it until the knot lies low on the chest.",
  ],
});
