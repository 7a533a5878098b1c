import { defineTie } from "./define-tie";
import { showsRoundAndHanging } from "./layouts";
import { highNecks, roundNecks } from "./necks";

export const lasso = defineTie({
  name: "one-loop lasso",
  place: "neck",
  folds: ["straight band", "long half", "wide band"],
  round: "neck",
  wraps: 1,
  knot: "half",
  ease: 12,
  leastLength: 140,
  stiffness: [0, 0.5],
  shows: showsRoundAndHanging,
  edge: 12,
  area: 0.1,
  warmth: 0.3,
  level: -0.25,
  cautions: ["loose ends"],
  necks: [...roundNecks, ...highNecks, "lapels"],
  goesWith: "knits and soft coats",
  steps: [
    "Lay the scarf round the neck with one end twice as long.",
    "Wind the long end once round, loosely.",
    "Put it under the round and let it fall.",
  ],
});
