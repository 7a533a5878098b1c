import { added, choice, flag, length, maybeLength } from "../field";
import { necklines, sleeves } from "./cuts";
import { defineKind } from "./define-kind";

export const top = defineKind({
  label: "Top, shirt or knit",
  slot: null,
  place: "top",
  figures: {
    neckline: choice("Neckline", necklines),
    sleeve: choice("Sleeve", sleeves),
    neckDepth: added(
      maybeLength("Neckline below the side neck point", 0, 45, "empty: as its kind usually lies"),
    ),
    length: length("Length from the side neck point", 30, 110, 62),
    bodyGirth: length("Body, around", 60, 220, 104),
    tucked: flag("Worn tucked in"),
  },
});
