import type { FoldStep } from "../fold";
import type { NamedFold } from "./define-fold";

/** Folded to and fro like a fan, so that only the last stripe is seen. */
export const pleats: NamedFold = {
  name: "pleats",
  cloth: "any",
  makes: "band",
  axis: 0,
  steps({ height }, band) {
    const count = Math.max(2, Math.round(height / band));
    const deep = height / count;
    // What is pleated already lies on one stripe: it is turned up over its upper edge, then under its lower one.
    return Array.from({ length: count - 1 }, (_, i): FoldStep => {
      const isOver = i % 2 === 0;
      return {
        through: { x: 0, y: isOver ? deep : 0 },
        angle: 0,
        side: isOver ? "left" : "right",
        over: isOver,
      };
    });
  },
};
