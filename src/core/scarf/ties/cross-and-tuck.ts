import { defineTie } from "./define-tie";
import { showsCrossed } from "./layouts";
import { anyNeck } from "./necks";

export const crossAndTuck = defineTie({
  name: "cross and tuck",
  place: "neck",
  folds: ["wide band", "straight band", "long half", "triangle"],
  round: "neck",
  wraps: 1,
  knot: "none",
  ease: 10,
  leastLength: 70,
  needs: ["layer over"],
  stiffness: [0, 0.7],
  shows: showsCrossed,
  edge: null,
  area: 0.05,
  warmth: 0.2,
  level: 0,
  cautions: [],
  necks: [...anyNeck],
  goesWith: "a jacket or coat with a V",
  steps: [
    "Lay the scarf round the neck, the ends even.",
    "Cross the ends flat over the chest.",
    "Close the jacket or coat over them.",
  ],
});
