import { defineTie } from "./define-tie";
import { showsTwoRounds } from "./layouts";
import { highNecks, roundNecks } from "./necks";

export const endlessDouble = defineTie({
  name: "endless loop, doubled",
  place: "neck",
  folds: ["long half", "straight band", "wide band"],
  round: "neck",
  wraps: 2,
  knot: "none",
  ease: 10,
  loopOnly: true,
  shows: showsTwoRounds,
  edge: 10,
  area: 0.08,
  warmth: 0.26,
  level: 0,
  cautions: [],
  necks: [...roundNecks, ...highNecks, "lapels"],
  goesWith: "coats, round and high necks",
  steps: [
    "Put the loop over the head and cross it once in front.",
    "Put the second round over the head.",
    "Ease both rounds until they lie softly over one another.",
  ],
});
