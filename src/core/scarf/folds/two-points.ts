import type { NamedFold } from "./define-fold";

/** Two opposite corners laid to the middle: a hexagon with two points left. */
export const twoPoints: NamedFold = {
  name: "two points to the middle",
  cloth: "square",
  makes: "shape",
  axis: 45,
  steps: ({ width: a }) => [
    { through: { x: a / 4, y: (3 * a) / 4 }, angle: 45, side: "left", over: true },
    { through: { x: (3 * a) / 4, y: a / 4 }, angle: 45, side: "right", over: true },
  ],
};
