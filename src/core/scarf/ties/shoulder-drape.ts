import { defineTie } from "./define-tie";
import { showsOverShoulders } from "./layouts";
import { anyNeck } from "./necks";

export const shoulderDrape = defineTie({
  name: "shoulder drape",
  place: "neck",
  folds: ["triangle", "half", "long half", "wide band"],
  round: "neck",
  wraps: 1,
  knot: "none",
  ease: 0,
  leastLength: 95,
  needs: ["pin"],
  stiffness: [0, 0.6],
  shows: showsOverShoulders,
  edge: null,
  area: 0.12,
  warmth: 0.28,
  level: 0.25,
  cautions: ["slips"],
  necks: [...anyNeck],
  goesWith: "plain necks of any kind",
  steps: [
    "Lay the cloth over both shoulders, its middle at the nape.",
    "Bring one corner to the other shoulder.",
    "Hold it there with the ring or the pin.",
  ],
});
