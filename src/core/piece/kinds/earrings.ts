import { choice, length } from "../field";
import { defineKind } from "./define-kind";
import { nickel } from "./nickel";
import { small } from "./small";

export const earrings = defineKind({
  ...small,
  label: "Earrings",
  slot: "earrings",
  zone: "face",
  pull: "jewellery",
  figures: {
    form: choice("Form", ["stud", "hoop", "drop", "cluster"]),
    drop: length("Drop", [0.2, 15], 1.5),
    width: length("Width", [0.2, 8], 1),
    closure: choice("Held by", ["pierced", "clip"]),
    nickel,
  },
  extent: ({ drop }, { height }) => ({ from: 0.9 * height - drop, to: 0.9 * height }),
  weight: () => 12,
});
