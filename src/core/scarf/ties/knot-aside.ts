import { defineTie } from "./define-tie";
import { showsKnotAside } from "./layouts";
import { deepNecks, roundNecks } from "./necks";

export const knotAside = defineTie({
  name: "neat band, knot at the side",
  place: "neck",
  folds: ["bias band", "straight band", "rolled triangle"],
  round: "neck",
  wraps: 1,
  knot: "reef",
  ease: 4,
  shows: showsKnotAside,
  edge: 5,
  area: 0.03,
  warmth: 0.06,
  level: 0,
  cautions: [],
  necks: [...roundNecks, ...deepNecks, "boat"],
  goesWith: "round, boat and V necks",
  steps: [
    "Lay the band round the neck so that the ends meet at one side.",
    "Knot them once and once more the other way.",
    "Spread the ends over the collar bone.",
  ],
});
