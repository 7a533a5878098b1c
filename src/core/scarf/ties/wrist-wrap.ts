import { defineTie } from "./define-tie";
import { showsWoundAndTucked } from "./layouts";

export const wristWrap = defineTie({
  name: "wrist wrap",
  place: "wrist",
  folds: ["bias band", "straight band", "rolled triangle"],
  round: "wrist",
  wraps: 3,
  knot: "half",
  ease: 1,
  shows: showsWoundAndTucked,
  edge: null,
  area: 0.015,
  warmth: 0.01,
  level: 0,
  cautions: [],
  goesWith: "short and pushed sleeves",
  steps: [
    "Lay one end in the palm and wind the band round the wrist.",
    "Lay every round half over the one before.",
    "Tuck the ends in, or knot them with the other hand and your teeth.",
  ],
});
