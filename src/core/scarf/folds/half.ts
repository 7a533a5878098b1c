import type { NamedFold } from "./define-fold";

/** Folded once across: half as long. */
export const half: NamedFold = {
  name: "half",
  cloth: "any",
  makes: "shape",
  axis: 0,
  steps: ({ width }) => [{ through: { x: width / 2, y: 0 }, angle: 90, side: "right", over: true }],
};
