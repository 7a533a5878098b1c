import { defineTie } from "./define-tie";
import { showsKnotInFront } from "./layouts";

export const knitRoundTheShoulders = defineTie({
  name: "tied round the shoulders",
  place: "top",
  folds: ["long half", "straight band", "triangle"],
  round: "neck",
  wraps: 1,
  knot: "half",
  ease: 40,
  stiffness: [0, 0.6],
  shows: showsKnotInFront,
  edge: null,
  area: 0.1,
  warmth: 0.2,
  level: -0.25,
  cautions: [],
  goesWith: "shirts and plain tops",
  steps: [
    "Lay the cloth over the shoulders, its middle at the nape.",
    "Knot the ends once, low on the chest.",
    "Or wear it across the body: over one shoulder, knotted at the other hip.",
  ],
});
