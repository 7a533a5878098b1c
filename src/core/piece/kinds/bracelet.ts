import { choice, length } from "../field";
import { defineKind } from "./define-kind";
import { nickel } from "./nickel";
import { small } from "./small";
import { atWrist } from "./wrist";

export const bracelet = defineKind({
  ...small,
  label: "Bracelet",
  slot: "wrist",
  zone: "hand",
  pull: "jewellery",
  figures: {
    form: choice("Form", ["chain", "cuff", "bangle", "beads"]),
    width: length("Width", [0.1, 10], 0.6),
    nickel,
  },
  extent: atWrist,
  weight: () => 40,
});
