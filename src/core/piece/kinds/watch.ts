import { added, choice, length } from "../field";
import { defineKind } from "./define-kind";

export const watch = defineKind({
  label: "Watch",
  slot: "wrist",
  place: null,
  figures: {
    face: length("Case across", 1.5, 6, 3.2),
    strapMade: choice("Strap of", ["leather", "metal", "cloth"]),
    nickel: added(choice("Nickel", ["not known", "free of it", "contained"])),
  },
});
