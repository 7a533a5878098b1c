import { added, choice, length, maybeLength } from "../field";
import { necklines, sleeves } from "./cuts";
import { defineKind } from "./define-kind";

export const dress = defineKind({
  label: "Dress",
  slot: null,
  place: "whole",
  figures: {
    cut: choice("Cut", ["a-line", "straight", "pencil", "pleated", "gathered"]),
    length: length("Length from the side neck point", 60, 165, 105),
    hemWidth: length("Hem, around", 70, 500, 150),
    neckline: choice("Neckline", necklines),
    sleeve: choice("Sleeve", sleeves),
    neckDepth: added(
      maybeLength("Neckline below the side neck point", 0, 45, "empty: as its kind usually lies"),
    ),
  },
});
