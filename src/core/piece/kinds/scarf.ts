import { amount, choice, length } from "../field";
import { defineKind } from "./define-kind";

export const scarf = defineKind({
  label: "Scarf or tie",
  slot: "neck",
  place: null,
  figures: {
    sideA: length("Long side", 20, 260, 90),
    sideB: length("Short side", 4, 160, 90),
    thickness: amount("Cloth thickness", "mm", 0.04, 6, 0.14),
    stiffness: amount("Stiffness", "0-1", 0, 1, 0.4),
    worn: choice("Worn", ["tied at the front", "wrapped", "draped", "tied at the side", "tied as a bow"]),
  },
});
