import { defineTie } from "./define-tie";
import { showsTwiceRoundInFront } from "./layouts";

export const endlessDouble = defineTie({
  name: "endless loop, doubled",
  place: "neck",
  folds: ["long half", "straight band", "wide band"],
  round: "neck",
  wraps: 2,
  knot: "none",
  ease: 10,
  loopOnly: true,
  shows: showsTwiceRoundInFront,
  edge: 10,
  area: 0.08,
  warmth: 0.26,
  level: 0,
  cautions: [],
  goesWith: "coats, round and high necks",
  steps: [
    "Put the loop over the head and cross it once in front.",
    "Put the second round over the head.",
    "Ease both rounds until they lie softly over one another.",
  ],
});
