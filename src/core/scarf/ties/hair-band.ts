import { defineTie } from "./define-tie";
import { showsHeldBehind } from "./layouts";

export const hairBand = defineTie({
  name: "band over the hair",
  place: "hair",
  folds: ["bias band", "straight band", "rolled triangle"],
  round: "head",
  wraps: 1,
  knot: "reef",
  ease: 1,
  shows: showsHeldBehind,
  edge: null,
  area: 0.02,
  warmth: 0.02,
  level: 0,
  cautions: [],
  goesWith: null,
  steps: [
    "Lay the band over the hair a hand behind the brow.",
    "Take the ends down behind the ears and knot them at the nape.",
    "Tuck the ends under.",
  ],
});
