import { defineTie } from "./define-tie";
import { showsPointInFront } from "./layouts";
import { deepNecks, roundNecks } from "./necks";

export const frontPoint = defineTie({
  name: "front point",
  place: "neck",
  folds: ["triangle"],
  round: "neck",
  wraps: 1,
  knot: "none",
  ease: 6,
  stiffness: [0, 0.6],
  shows: showsPointInFront,
  edge: null,
  area: 0.07,
  warmth: 0.1,
  level: 0,
  cautions: ["slips"],
  necks: [...roundNecks, ...deepNecks, "lapels"],
  goesWith: "round and V necks, an open coat",
  steps: [
    "Hold the long edge against the throat, the point down the chest.",
    "Take both ends behind, cross them and bring them down under the cloth.",
    "Tuck the ends under the long edge at the sides.",
  ],
});
