import { isLegged } from "../piece";
import { defineAdjustment } from "./define-adjustment";

export const tuckIntoBoot = defineAdjustment({
  settings: {},
  excludes: ["turn", "hems-up"],
  options: (piece) => (isLegged(piece) ? [{}] : []),
  layer: () => "leg in a boot",
  words: {
    name: "Tucked into the boot",
    doing: "Tuck {piece} into the boots",
    undoing: "Take {piece} out of the boots",
    done: "tucked into the boots",
  },
});
