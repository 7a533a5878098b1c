import { defineTie } from "./define-tie";
import { showsTwiceRoundInFront } from "./layouts";
import { highNecks, roundNecks } from "./necks";

export const twiceRound = defineTie({
  name: "twice round",
  place: "neck",
  folds: ["bias band", "straight band", "rolled triangle", "pleats"],
  round: "neck",
  wraps: 2,
  knot: "half",
  ease: 4,
  shows: showsTwiceRoundInFront,
  edge: 8,
  area: 0.05,
  warmth: 0.16,
  level: 0,
  cautions: [],
  necks: [...roundNecks, ...highNecks],
  goesWith: "round and high necks, coats without a collar",
  steps: [
    "Lay the middle of the band against the throat.",
    "Cross the ends behind and bring them forward again.",
    "Knot them once in front, below the first round.",
  ],
});
