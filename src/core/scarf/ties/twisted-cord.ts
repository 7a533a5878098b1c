import { defineTie } from "./define-tie";
import { showsThroughItsLoop } from "./layouts";
import { deepNecks } from "./necks";

export const twistedCord = defineTie({
  name: "twisted cord through its own loop",
  place: "neck",
  folds: ["bias band", "straight band", "long half"],
  round: "neck",
  wraps: 1,
  knot: "slip",
  ease: 4,
  lengthShare: 0.5,
  stiffness: [0, 0.7],
  shows: showsThroughItsLoop,
  edge: 5,
  area: 0.04,
  warmth: 0.08,
  level: 0,
  cautions: ["tightens"],
  necks: [...deepNecks, "scoop", "strapless", "lapels"],
  goesWith: "V, scoop and strapless necks",
  steps: [
    "Take the band double and twist it to a cord.",
    "Lay it round the neck with the loop in front.",
    "Put the ends through the loop and draw them down.",
  ],
});
