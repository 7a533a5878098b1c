import { defineTie } from "./define-tie";
import { showsPointAside } from "./layouts";
import { roundNecks } from "./necks";

export const sidePoint = defineTie({
  name: "side point",
  place: "neck",
  folds: ["triangle"],
  round: "neck",
  wraps: 1,
  knot: "half",
  ease: 4,
  stiffness: [0, 0.6],
  shows: showsPointAside,
  edge: null,
  area: 0.07,
  warmth: 0.09,
  level: 0,
  cautions: [],
  necks: [...roundNecks, "boat"],
  goesWith: "round and boat necks",
  steps: [
    "Lay the long edge round the neck with the point over one shoulder.",
    "Knot the ends over the other shoulder.",
    "Turn the knot a little to the back.",
  ],
});
