import { halvingsTo, type NamedFold } from "./define-fold";

/** A triangle whose point is folded up to the long edge, and again until it is a band. */
export const rolledTriangle: NamedFold = {
  name: "triangle rolled to a band",
  cloth: "square",
  makes: "band",
  axis: 45,
  steps({ width }, band) {
    // The triangle lies to the right of its long edge; its point lies so far from it.
    const deep = width / Math.SQRT2;
    const times = halvingsTo(deep, band);
    return [
      { through: { x: 0, y: 0 }, angle: 45, side: "left", over: true },
      ...Array.from({ length: times }, (_, i) => {
        const off = deep / 2 ** (i + 1) / Math.SQRT2;
        return { through: { x: off, y: -off }, angle: 45, side: "right" as const, over: true };
      }),
    ];
  },
};
