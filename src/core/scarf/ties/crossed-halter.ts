import { defineTie } from "./define-tie";
import { showsCrossed } from "./layouts";

export const crossedHalter = defineTie({
  name: "crossed halter",
  place: "top",
  folds: ["wide band", "long half", "bias band"],
  round: "bust",
  wraps: 1,
  knot: "reef",
  ease: 14,
  needs: ["layer beneath"],
  stiffness: [0, 0.6],
  shows: showsCrossed,
  edge: null,
  area: 0.15,
  warmth: 0.1,
  level: 0,
  cautions: [],
  goesWith: "high waists",
  steps: [
    "Lay the middle of the cloth behind the back, under the arms.",
    "Cross the ends over the bust.",
    "Knot them behind the neck.",
  ],
});
