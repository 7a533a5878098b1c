import { around } from "../../length/interval";
import { choice, length } from "../field";
import { defineKind } from "./define-kind";
import { small } from "./small";

export const brooch = defineKind({
  ...small,
  label: "Brooch",
  slot: "brooch",
  zone: "face",
  pull: "jewellery",
  figures: {
    form: choice("Form", ["bar", "disc", "leaf", "star", "shell", "scarf ring"]),
    width: length("Across", [0.8, 14], 4),
  },
  extent: ({ width }, { measures, height }) => around(measures.bustLine.cm + 0.05 * height, width),
  weight: () => 20,
});
