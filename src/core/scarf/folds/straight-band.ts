import { halved, halvingsTo, type NamedFold } from "./define-fold";

/** Folded in thirds along an edge, then halved until it is a band: it lies flat and keeps the picture's lines. */
export const straightBand: NamedFold = {
  name: "straight band",
  cloth: "any",
  makes: "band",
  axis: 0,
  steps({ height }, band) {
    const third = height / 3;
    return [
      { through: { x: 0, y: 2 * third }, angle: 0, side: "left", over: true },
      { through: { x: 0, y: third }, angle: 0, side: "right", over: true },
      ...halved({
        lower: (share) => ({ x: 0, y: third + share * third }),
        angle: 0,
        times: halvingsTo(third, band),
      }),
    ];
  },
};
