import { defineTie } from "./define-tie";
import { showsHanging } from "./layouts";
import { anyNeck } from "./necks";

export const heldByTheCoatBelt = defineTie({
  name: "held by the coat's belt",
  place: "neck",
  folds: ["wide band", "long half", "straight band"],
  round: "neck",
  wraps: 1,
  knot: "none",
  ease: 8,
  leastLength: 150,
  needs: ["coat belt"],
  stiffness: [0, 0.7],
  shows: showsHanging,
  edge: null,
  area: 0.09,
  warmth: 0.2,
  level: 0,
  cautions: [],
  necks: [...anyNeck],
  goesWith: "a belted coat",
  steps: [
    "Lay the scarf round the neck, the ends even.",
    "Smooth both ends flat down the front.",
    "Close the coat and its belt over them.",
  ],
});
