import { defineTie } from "./define-tie";
import { showsBow } from "./layouts";

export const bowOnTheBag = defineTie({
  name: "bow on the bag's handle",
  place: "bag",
  folds: ["bias band", "straight band", "rolled triangle"],
  round: "handle",
  wraps: 1,
  knot: "slip",
  ease: 0,
  needs: ["handle"],
  shows: showsBow,
  edge: null,
  area: 0.02,
  warmth: 0,
  level: 0,
  cautions: ["loose ends"],
  goesWith: null,
  steps: [
    "Lay the middle of the band under the handle where it meets the bag.",
    "Knot it once and tie the ends to a bow.",
    "Let the ends fall down the front of the bag.",
  ],
});
