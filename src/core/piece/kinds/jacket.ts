import { choice, flag, length } from "../field";
import { sleeves } from "./cuts";
import { defineKind } from "./define-kind";

export const jacket = defineKind({
  label: "Jacket",
  slot: "layer",
  place: "layer",
  figures: {
    collar: choice("Collar", ["notched", "shawl", "stand", "round", "hood"]),
    sleeve: choice("Sleeve", sleeves),
    length: length("Length from the side neck point", 35, 100, 66),
    closed: flag("Worn closed"),
  },
});
