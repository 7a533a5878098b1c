import { choice, length } from "../field";
import { bottomArea } from "./areas";
import { defineKind } from "./define-kind";
import { clothed } from "./insulation";

export const skirt = defineKind({
  label: "Skirt",
  slot: null,
  place: "bottom",
  zone: "leg",
  figures: {
    cut: choice("Cut", ["straight", "pencil", "a-line", "pleated", "gathered"]),
    length: length("Length from the waist", [25, 120], 65),
    hemWidth: length("Hem, around", [60, 500], 110),
  },
  seated: "skirt",
  extent: (figures, { measures }) => ({
    from: measures.waistLine.cm - figures.length,
    to: measures.waistLine.cm,
  }),
  layer: () => "bottom",
  area: bottomArea,
  insulation: clothed(0.15),
  weight: () => 400,
});
