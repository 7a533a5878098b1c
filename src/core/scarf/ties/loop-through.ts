import { defineTie } from "./define-tie";
import { showsThroughItsLoop } from "./layouts";
import { highNecks, roundNecks } from "./necks";

export const loopThrough = defineTie({
  name: "loop-through",
  place: "neck",
  folds: ["long half", "half", "straight band", "wide band"],
  round: "neck",
  wraps: 1,
  knot: "slip",
  ease: 5,
  lengthShare: 0.5,
  stiffness: [0, 0.55],
  shows: showsThroughItsLoop,
  edge: 8,
  area: 0.09,
  warmth: 0.24,
  level: 0,
  cautions: ["tightens"],
  necks: [...roundNecks, ...highNecks, "lapels"],
  goesWith: "coats and round necks",
  steps: [
    "Take the scarf double and lay it round the neck, the fold at one side.",
    "Put both ends through the loop of the fold.",
    "Draw them down until it sits; leave two fingers of air.",
  ],
});
