import { defineTie } from "./define-tie";
import { showsHeldBehind } from "./layouts";
import { roundNecks } from "./necks";

export const knotBehind = defineTie({
  name: "neat band, knot at the back",
  place: "neck",
  folds: ["bias band", "straight band", "rolled triangle"],
  round: "neck",
  wraps: 1,
  knot: "reef",
  ease: 4,
  shows: showsHeldBehind,
  edge: 4,
  area: 0.02,
  warmth: 0.06,
  level: 0,
  cautions: [],
  necks: [...roundNecks, "boat", "scoop", "shirt collar", "lapels"],
  goesWith: "round, boat and scoop necks; under a shirt collar",
  steps: [
    "Lay the middle of the band against the front of the neck.",
    "Cross the ends behind and knot them flat, twice.",
    "Push the ends under the band.",
  ],
});
