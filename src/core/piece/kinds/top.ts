import { choice, flag, length } from "../field";
import { necklines, sleeves } from "./cuts";
import { defineKind } from "./define-kind";

export const top = defineKind({
  label: "Top, shirt or knit",
  slot: null,
  place: "top",
  figures: {
    neckline: choice("Neckline", necklines),
    sleeve: choice("Sleeve", sleeves),
    length: length("Length from the side neck point", 30, 110, 62),
    bodyGirth: length("Body, around", 60, 220, 104),
    tucked: flag("Worn tucked in"),
  },
});
