import { added, choice, length } from "../field";
import { defineKind } from "./define-kind";

export const bracelet = defineKind({
  label: "Bracelet",
  slot: "wrist",
  place: null,
  figures: {
    form: choice("Form", ["chain", "cuff", "bangle", "beads"]),
    width: length("Width", 0.1, 10, 0.6),
    nickel: added(choice("Nickel", ["not known", "free of it", "contained"])),
  },
});
