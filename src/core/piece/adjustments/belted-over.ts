import { isKind, placeOf } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** A belt worn over the jacket, the coat or the cardigan instead of under it. */
export const beltedOver = defineAdjustment({
  settings: {},
  excludes: [],
  options: (piece) => (isKind(piece, "belt") ? [{}] : []),
  layer: () => "belt over a layer",
  needs: (others) => others.some((other) => placeOf(other) === "layer"),
  words: {
    name: "Belted over",
    doing: "Wear {piece} over the layer",
    undoing: "Wear {piece} under the layer",
    done: "over the layer",
  },
});
