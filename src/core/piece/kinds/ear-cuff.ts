import { choice, length } from "../field";
import { defineKind } from "./define-kind";
import { nickel } from "./nickel";
import { small } from "./small";

export const earCuff = defineKind({
  ...small,
  label: "Ear cuff",
  slot: "ear",
  zone: "face",
  pull: "jewellery",
  figures: {
    form: choice("Form", ["band", "climber", "chain"]),
    drop: length("Drop", [0.2, 10], 1),
    ears: choice("Worn on", ["one ear", "both ears"]),
    nickel,
  },
  extent: ({ drop }, { height }) => ({ from: 0.915 * height - drop, to: 0.915 * height }),
  weight: () => 8,
});
