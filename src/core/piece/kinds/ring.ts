import { added, choice, length } from "../field";
import { defineKind } from "./define-kind";

export const ring = defineKind({
  label: "Ring",
  slot: "ring",
  place: null,
  figures: {
    width: length("Width of the head", 0.1, 5, 0.6),
    nickel: added(choice("Nickel", ["not known", "free of it", "contained"])),
  },
});
