import { defineTie } from "./define-tie";
import { showsKnotInFront } from "./layouts";
import { deepNecks } from "./necks";

export const dropKnot = defineTie({
  name: "drop knot",
  place: "neck",
  folds: ["straight band", "bias band", "long half", "wide band"],
  round: "neck",
  wraps: 1,
  knot: "half",
  ease: 24,
  shows: showsKnotInFront,
  edge: null,
  area: 0.06,
  warmth: 0.08,
  level: 0,
  cautions: [],
  necks: [...deepNecks, "scoop", "lapels"],
  goesWith: "deep V necks, open jackets and coats",
  steps: [
    "Lay the scarf round the neck with the ends even.",
    "Knot one end once, loosely, a hand below the throat.",
    "Put the other end through that knot and draw it until the knot lies low on the chest.",
  ],
});
