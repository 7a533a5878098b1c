import { choice, length } from "../field";
import { defineKind } from "./define-kind";

export const hairPiece = defineKind({
  label: "Hair piece",
  slot: "hair",
  place: null,
  figures: {
    form: choice("Form", ["slide", "band", "comb", "bow"]),
    width: length("Across", 1, 25, 6),
  },
});
