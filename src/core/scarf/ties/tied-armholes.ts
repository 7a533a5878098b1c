import { defineTie } from "./define-tie";
import { showsShortJacket } from "./layouts";

export const tiedArmholes = defineTie({
  name: "tied armholes",
  place: "top",
  folds: ["half"],
  round: "bust",
  wraps: 1,
  knot: "none",
  ease: 0,
  leastLength: 100,
  stiffness: [0, 0.7],
  shows: showsShortJacket,
  edge: null,
  area: 0.2,
  warmth: 0.25,
  level: 0,
  cautions: [],
  goesWith: "plain tops and dresses",
  steps: [
    "Fold the cloth once and hold it by the fold.",
    "Knot the two corners of each side together, so that each side has an armhole.",
    "Put it on like a short jacket: it does not slip.",
  ],
});
