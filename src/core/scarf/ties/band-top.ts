import { defineTie } from "./define-tie";
import { showsRoundTheBust } from "./layouts";

export const bandTop = defineTie({
  name: "band top",
  place: "top",
  folds: ["wide band", "long half", "half", "triangle"],
  round: "bust",
  wraps: 1,
  knot: "reef",
  ease: 0,
  needs: ["layer beneath"],
  stiffness: [0, 0.7],
  shows: showsRoundTheBust,
  edge: null,
  area: 0.12,
  warmth: 0.1,
  level: 0,
  cautions: [],
  goesWith: "under an open jacket or shirt",
  steps: [
    "Lay the cloth across the bust, its upper edge level.",
    "Take the ends behind and knot them flat, twice.",
    "Tuck the ends under and the lower edge into the waistband.",
  ],
});
