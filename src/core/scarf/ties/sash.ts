import { defineTie } from "./define-tie";
import { showsKnotAside } from "./layouts";

export const sash = defineTie({
  name: "sash",
  place: "waist",
  folds: ["bias band", "straight band", "wide band", "long half"],
  round: "waist",
  wraps: 1,
  knot: "reef",
  ease: 1,
  shows: showsKnotAside,
  edge: null,
  area: 0.04,
  warmth: 0,
  level: 0,
  cautions: [],
  goesWith: "dresses, shirts and cardigans worn loose",
  steps: [
    "Lay the band round the waist over the cloth.",
    "Knot it at the side, once and once more.",
    "Let both ends fall down the leg.",
  ],
});
