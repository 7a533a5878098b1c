import { defineTie } from "./define-tie";
import { showsBow } from "./layouts";
import { roundNecks } from "./necks";

export const bowAtTheNeck = defineTie({
  name: "bow at the neck",
  place: "neck",
  folds: ["bias band", "straight band", "pleats"],
  round: "neck",
  wraps: 1,
  knot: "slip",
  ease: 4,
  stiffness: [0.2, 1],
  shows: showsBow,
  edge: 5,
  area: 0.05,
  warmth: 0.06,
  level: 0.25,
  cautions: [],
  necks: [...roundNecks, "shirt collar"],
  goesWith: "shirt collars and round necks",
  steps: [
    "Lay the band round the neck, both ends in front.",
    "Knot it once, then lay each end to a loop and tie the loops like a lace.",
    "Pull the loops even and let the ends fall.",
  ],
});
