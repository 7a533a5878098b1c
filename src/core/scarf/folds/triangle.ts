import type { NamedFold } from "./define-fold";

/** Folded once over the diagonal: the corner that lies on top points away. */
export const triangle: NamedFold = {
  name: "triangle",
  cloth: "square",
  makes: "shape",
  axis: 45,
  steps: () => [{ through: { x: 0, y: 0 }, angle: 45, side: "left", over: true }],
};
