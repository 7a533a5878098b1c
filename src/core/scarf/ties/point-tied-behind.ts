import { defineTie } from "./define-tie";
import { showsPointInFront } from "./layouts";
import { deepNecks, roundNecks } from "./necks";

export const pointTiedBehind = defineTie({
  name: "point tied behind",
  place: "neck",
  folds: ["triangle", "two points"],
  round: "neck",
  wraps: 1,
  knot: "reef",
  ease: 4,
  stiffness: [0, 0.7],
  shows: showsPointInFront,
  edge: null,
  area: 0.07,
  warmth: 0.1,
  level: 0,
  cautions: [],
  necks: [...roundNecks, ...deepNecks],
  goesWith: "round and V necks, a collarless jacket",
  steps: [
    "Hold the long edge against the throat, the point down the chest.",
    "Take both ends behind the neck and knot them once and once more.",
    "Ease the long edge into soft folds.",
  ],
});
