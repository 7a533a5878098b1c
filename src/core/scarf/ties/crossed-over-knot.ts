import { defineTie } from "./define-tie";
import { showsKnotAside } from "./layouts";
import { deepNecks } from "./necks";

export const crossedOverKnot = defineTie({
  name: "off-centre knot, one end drawn over",
  place: "neck",
  folds: ["bias band", "straight band", "rolled triangle"],
  round: "neck",
  wraps: 1,
  knot: "slip",
  ease: 4,
  shows: showsKnotAside,
  edge: 7,
  area: 0.05,
  warmth: 0.06,
  level: 0,
  cautions: [],
  necks: [...deepNecks, "shirt collar", "lapels"],
  goesWith: "V and shirt necks",
  steps: [
    "Lay the band round the neck with one end a hand longer.",
    "Knot it once, a little off the middle.",
    "Cross the longer end over the knot and draw it through from below, so that it falls over.",
  ],
});
