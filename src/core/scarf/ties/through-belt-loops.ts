import { defineTie } from "./define-tie";
import { showsKnotAside } from "./layouts";

export const throughBeltLoops = defineTie({
  name: "through the belt loops",
  place: "belt loops",
  folds: ["bias band", "straight band", "rolled triangle"],
  round: "hip",
  wraps: 1,
  knot: "half",
  ease: 2,
  needs: ["loops"],
  shows: showsKnotAside,
  edge: null,
  area: 0.02,
  warmth: 0,
  level: 0,
  cautions: [],
  goesWith: "tops that are tucked in",
  steps: [
    "Draw the band through all belt loops like a belt.",
    "Knot it at the front or over one hip.",
    "Let the ends fall, or tuck them under.",
  ],
});
