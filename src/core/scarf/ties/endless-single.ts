import { defineTie } from "./define-tie";
import { showsHungLoop } from "./layouts";
import { highNecks, roundNecks } from "./necks";

export const endlessSingle = defineTie({
  name: "endless loop, hung once",
  place: "neck",
  folds: ["long half", "straight band", "wide band"],
  round: "neck",
  wraps: 1,
  knot: "none",
  ease: 0,
  leastLength: 100,
  loopOnly: true,
  shows: showsHungLoop,
  edge: null,
  area: 0.08,
  warmth: 0.14,
  level: 0,
  cautions: ["loose ends"],
  necks: [...roundNecks, ...highNecks, "boat", "lapels"],
  goesWith: "round and high necks",
  steps: ["Put the loop over the head.", "Let it hang in one long round, the seam behind."],
});
