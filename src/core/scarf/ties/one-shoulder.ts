import { defineTie } from "./define-tie";
import { showsOverOneShoulder } from "./layouts";

export const oneShoulder = defineTie({
  name: "one-shoulder",
  place: "top",
  folds: ["triangle", "half"],
  round: "bust",
  wraps: 1,
  knot: "reef",
  ease: 0,
  needs: ["belt"],
  stiffness: [0, 0.6],
  shows: showsOverOneShoulder,
  edge: null,
  area: 0.2,
  warmth: 0.12,
  level: 0,
  cautions: [],
  goesWith: "high waists",
  steps: [
    "Hold two neighbouring corners over one shoulder and knot them.",
    "Bring the cloth under the other arm.",
    "Close the side with a belt at the waist.",
  ],
});
