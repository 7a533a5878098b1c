import { defineTie } from "./define-tie";
import { showsDrawnThrough } from "./layouts";

export const oneBeltLoop = defineTie({
  name: "one belt loop",
  place: "belt loops",
  folds: ["triangle", "bias band", "half", "long half"],
  round: "loop",
  wraps: 1,
  knot: "half",
  ease: 0,
  needs: ["loops"],
  shows: showsDrawnThrough,
  edge: null,
  area: 0.02,
  warmth: 0,
  level: 0,
  cautions: ["loose ends"],
  goesWith: "tops that are tucked in",
  steps: [
    "Take the scarf by its middle.",
    "Put it through one belt loop beside the hip.",
    "Draw both ends through and let them fall.",
  ],
});
