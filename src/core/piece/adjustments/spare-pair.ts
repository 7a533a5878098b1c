import { isKind } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** A flat pair carried for the way there and back: these shoes are put on at the door. */
export const sparePair = defineAdjustment({
  settings: {},
  excludes: [],
  options: (piece) => (isKind(piece, "shoe") ? [{}] : []),
  words: {
    name: "Spare pair for the way",
    doing: "Carry flat shoes for the way, and put on {piece} at the door",
    undoing: "Leave the flat shoes at home",
    done: "flat shoes in the bag for the way",
  },
});
