import { added, choice, maybeLength } from "../field";
import { necklines, sleeves } from "./cuts";
import { defineKind } from "./define-kind";
import { legFigures } from "./legs";

export const jumpsuit = defineKind({
  label: "Jumpsuit",
  slot: null,
  place: "whole",
  figures: {
    ...legFigures,
    neckline: choice("Neckline", necklines),
    sleeve: choice("Sleeve", sleeves),
    neckDepth: added(
      maybeLength("Neckline below the side neck point", 0, 45, "empty: as its kind usually lies"),
    ),
  },
});
