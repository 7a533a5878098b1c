import { amount, choice, length } from "../field";
import { defineKind } from "./define-kind";

export const eyewear = defineKind({
  label: "Eyewear",
  slot: "eyewear",
  place: null,
  figures: {
    form: choice("Form", ["round", "oval", "square", "upswept"]),
    width: length("Frame across", 9, 17, 13.5),
    filter: amount("Sun filter category", "level", 0, 4, 0),
  },
});
