import { choice, length } from "../field";
import { defineKind } from "./define-kind";

export const brooch = defineKind({
  label: "Brooch",
  slot: "brooch",
  place: null,
  figures: {
    form: choice("Form", ["bar", "disc", "leaf", "star", "shell"]),
    width: length("Across", 0.8, 14, 4),
  },
});
