import { added, choice, length } from "../field";
import { defineKind } from "./define-kind";

export const earrings = defineKind({
  label: "Earrings",
  slot: "earrings",
  place: null,
  figures: {
    form: choice("Form", ["stud", "hoop", "drop", "cluster"]),
    drop: length("Drop", 0.2, 15, 1.5),
    width: length("Width", 0.2, 8, 1),
    closure: choice("Held by", ["pierced", "clip"]),
    nickel: added(choice("Nickel", ["not known", "free of it", "contained"])),
  },
});
