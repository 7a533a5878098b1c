import { halved, halvingsTo, type NamedFold } from "./define-fold";

/** Two corners laid to the middle, then halved along the diagonal until it is a band: it stretches and drapes best. */
export const biasBand: NamedFold = {
  name: "bias band",
  cloth: "square",
  makes: "band",
  axis: 45,
  steps({ width: a }, band) {
    const quarter = a / 4;
    // Between the two folded edges, measured across the diagonal.
    const wide = a / Math.SQRT2;
    const lowerEdge = { x: 3 * quarter, y: quarter };
    return [
      { through: { x: quarter, y: 3 * quarter }, angle: 45, side: "left", over: true },
      { through: lowerEdge, angle: 45, side: "right", over: true },
      ...halved({
        lower: (share) => {
          const off = (share * wide) / Math.SQRT2;
          return { x: lowerEdge.x - off, y: lowerEdge.y + off };
        },
        angle: 45,
        times: halvingsTo(wide, band),
      }),
    ];
  },
};
