import { choice, flag, length } from "../field";
import { sleeves } from "./cuts";
import { defineKind } from "./define-kind";

export const coat = defineKind({
  label: "Coat",
  slot: "layer",
  place: "layer",
  figures: {
    collar: choice("Collar", ["notched", "shawl", "stand", "round", "hood"]),
    sleeve: choice("Sleeve", sleeves),
    length: length("Length from the side neck point", 60, 150, 105),
    closed: flag("Worn closed"),
  },
});
