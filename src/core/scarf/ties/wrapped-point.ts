import { defineTie } from "./define-tie";
import { showsPointWrapped } from "./layouts";
import { roundNecks } from "./necks";

export const wrappedPoint = defineTie({
  name: "wrapped point",
  place: "neck",
  folds: ["triangle"],
  round: "neck",
  wraps: 1.5,
  knot: "half",
  ease: 4,
  stiffness: [0, 0.6],
  shows: showsPointWrapped,
  edge: null,
  area: 0.08,
  warmth: 0.14,
  level: 0,
  cautions: [],
  necks: [...roundNecks],
  goesWith: "round necks and coats without a collar",
  steps: [
    "Hold the long edge against the throat, the point down the chest.",
    "Cross the ends behind the neck and bring them round to the front.",
    "Knot them over the point, or under it where they are not to be seen.",
  ],
});
