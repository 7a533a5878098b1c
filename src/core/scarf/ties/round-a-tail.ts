import { defineTie } from "./define-tie";
import { showsWound } from "./layouts";

export const roundATail = defineTie({
  name: "round a tail or a bun",
  place: "hair",
  folds: ["bias band", "straight band", "rolled triangle"],
  round: "hair",
  wraps: 2,
  knot: "half",
  ease: 1,
  shows: showsWound,
  edge: null,
  area: 0.015,
  warmth: 0,
  level: 0,
  cautions: [],
  goesWith: null,
  steps: [
    "Tie the hair first.",
    "Lay the middle of the band under the tail and wind both ends round.",
    "Knot them once and let the ends fall.",
  ],
});
