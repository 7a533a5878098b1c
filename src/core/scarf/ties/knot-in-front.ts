import { defineTie } from "./define-tie";
import { showsKnotInFront } from "./layouts";
import { deepNecks, roundNecks } from "./necks";

export const knotInFront = defineTie({
  name: "neat band, knot in front",
  place: "neck",
  folds: ["bias band", "straight band", "rolled triangle"],
  round: "neck",
  wraps: 1,
  knot: "half",
  ease: 4,
  shows: showsKnotInFront,
  edge: 6,
  area: 0.04,
  warmth: 0.06,
  level: 0,
  cautions: [],
  necks: [...roundNecks, ...deepNecks, "shirt collar", "lapels"],
  goesWith: "shirt collars, V and round necks",
  steps: [
    "Lay the band round the neck from behind, both ends in front, one a little longer.",
    "Cross the longer end over the other, up behind it and through.",
    "Draw it up to the hollow of the throat and spread the ends.",
  ],
});
