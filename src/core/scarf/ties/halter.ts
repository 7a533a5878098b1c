import { defineTie } from "./define-tie";
import { showsHalter } from "./layouts";

export const halter = defineTie({
  name: "halter with knot or ring",
  place: "top",
  folds: ["triangle"],
  round: "waist",
  wraps: 1,
  knot: "reef",
  ease: 0,
  needs: ["ring"],
  stiffness: [0, 0.6],
  shows: showsHalter,
  edge: null,
  area: 0.2,
  warmth: 0.12,
  level: 0,
  cautions: [],
  goesWith: "high waists",
  steps: [
    "Hold one corner at the throat and take two corners round the back of the waist.",
    "Knot those behind.",
    "Draw the upper corner through the ring, or knot it to a cord round the neck.",
  ],
});
