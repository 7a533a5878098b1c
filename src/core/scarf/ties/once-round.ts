import { defineTie } from "./define-tie";
import { showsRoundAndHanging } from "./layouts";
import { deepNecks, highNecks, roundNecks } from "./necks";

export const onceRound = defineTie({
  name: "once round, ends uneven",
  place: "neck",
  folds: ["straight band", "wide band", "long half", "pleats"],
  round: "neck",
  wraps: 1.5,
  knot: "none",
  ease: 8,
  leastLength: 130,
  stiffness: [0, 0.6],
  shows: showsRoundAndHanging,
  edge: 10,
  area: 0.1,
  warmth: 0.26,
  level: 0,
  cautions: ["loose ends"],
  necks: [...roundNecks, ...highNecks, ...deepNecks, "lapels"],
  goesWith: "coats, round and high necks",
  steps: [
    "Lay the scarf over the throat, ends behind.",
    "Cross them at the nape and bring them forward.",
    "Let one hang a hand lower than the other.",
  ],
});
