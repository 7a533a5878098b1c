import { defineTie } from "./define-tie";
import { showsOverHead } from "./layouts";

export const headCover = defineTie({
  name: "head cover, tied under the chin",
  place: "head",
  folds: ["triangle"],
  round: "head",
  wraps: 1,
  knot: "half",
  ease: 2,
  stiffness: [0, 0.6],
  shows: showsOverHead,
  edge: null,
  area: 0.07,
  warmth: 0.12,
  level: 0,
  cautions: [],
  goesWith: "coats and round necks",
  steps: [
    "Lay the long edge over the front of the hair, the point behind.",
    "Cross the ends under the chin.",
    "Take them behind and knot them at the nape, or knot them at the side of the chin.",
  ],
});
