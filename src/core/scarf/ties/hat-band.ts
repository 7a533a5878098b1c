import { defineTie } from "./define-tie";
import { showsKnotAside } from "./layouts";

export const hatBand = defineTie({
  name: "hat band",
  place: "head",
  folds: ["bias band", "straight band", "rolled triangle"],
  round: "hat",
  wraps: 1,
  knot: "half",
  ease: 0,
  needs: ["hat"],
  shows: showsKnotAside,
  edge: null,
  area: 0.02,
  warmth: 0,
  level: 0,
  cautions: [],
  goesWith: null,
  steps: [
    "Lay the band round the crown of the hat above the brim.",
    "Knot it at the side or behind.",
    "Spread the ends over the brim.",
  ],
});
