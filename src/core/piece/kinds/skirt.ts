import { choice, length } from "../field";
import { defineKind } from "./define-kind";

export const skirt = defineKind({
  label: "Skirt",
  slot: null,
  place: "bottom",
  figures: {
    cut: choice("Cut", ["straight", "pencil", "a-line", "pleated", "gathered"]),
    length: length("Length from the waist", 25, 120, 65),
    hemWidth: length("Hem, around", 60, 500, 110),
  },
});
