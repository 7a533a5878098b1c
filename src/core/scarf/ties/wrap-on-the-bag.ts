import { defineTie } from "./define-tie";
import { showsWound } from "./layouts";

export const wrapOnTheBag = defineTie({
  name: "wrap on the bag's handle",
  place: "bag",
  folds: ["bias band", "straight band", "rolled triangle"],
  round: "handle",
  wraps: 6,
  knot: "half",
  ease: 0,
  needs: ["handle"],
  shows: showsWound,
  edge: null,
  area: 0.02,
  warmth: 0,
  level: 0,
  cautions: [],
  goesWith: null,
  steps: [
    "Knot one end where the handle begins.",
    "Wind the band along the handle, each round beside the one before.",
    "Knot the other end where the handle ends.",
  ],
});
