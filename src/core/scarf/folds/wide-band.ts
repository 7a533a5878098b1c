import type { NamedFold } from "./define-fold";

/** Both long edges laid to the middle: a flat wide band with the edges meeting behind. */
export const wideBand: NamedFold = {
  name: "flat wide band",
  cloth: "any",
  makes: "shape",
  axis: 0,
  steps: ({ height }) => [
    { through: { x: 0, y: (3 * height) / 4 }, angle: 0, side: "left", over: true },
    { through: { x: 0, y: height / 4 }, angle: 0, side: "right", over: true },
  ],
};
