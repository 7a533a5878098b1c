import { added, choice, length } from "../field";
import { defineKind } from "./define-kind";

export const necklace = defineKind({
  label: "Necklace",
  slot: "necklace",
  place: null,
  figures: {
    loop: length("Whole loop", 30, 200, 46),
    pendant: length("Pendant, from the chain", 0, 25, 0),
    weight: choice("Weight", ["fine", "middling", "bold"]),
    nickel: added(choice("Nickel", ["not known", "free of it", "contained"])),
  },
});
