import { defineTie } from "./define-tie";
import { showsThroughRing } from "./layouts";
import { deepNecks } from "./necks";

export const ringPull = defineTie({
  name: "ring pull",
  place: "neck",
  folds: ["bias band", "rolled triangle", "triangle"],
  round: "neck",
  wraps: 1,
  knot: "ring",
  ease: 6,
  needs: ["ring"],
  shows: showsThroughRing,
  edge: 7,
  area: 0.05,
  warmth: 0.06,
  level: 0,
  cautions: [],
  necks: [...deepNecks, "scoop", "shirt collar", "lapels"],
  goesWith: "V, scoop and shirt necks",
  steps: [
    "Lay the scarf round the neck, both ends in front.",
    "Put both ends through the ring.",
    "Push the ring up to where it is to sit, and spread the ends.",
  ],
});
