import type { NamedFold } from "./define-fold";

/** Folded once along: as long, and half as wide. */
export const longHalf: NamedFold = {
  name: "long half",
  cloth: "any",
  makes: "shape",
  axis: 0,
  steps: ({ height }) => [{ through: { x: 0, y: height / 2 }, angle: 0, side: "left", over: true }],
};
