import { choice, flag, length } from "../field";
import { layerArea } from "./areas";
import { fromNeck, lapelsOpenTo, sleeves } from "./cuts";
import { defineKind } from "./define-kind";
import { clothed } from "./insulation";

export const coat = defineKind({
  label: "Coat",
  slot: "layer",
  place: "layer",
  zone: "trunk",
  figures: {
    collar: choice("Collar", ["notched", "shawl", "stand", "round", "hood"]),
    sleeve: choice("Sleeve", sleeves),
    length: length("Length from the side neck point", 60, 150, 105),
    closed: flag("Worn closed"),
  },
  extent: fromNeck,
  layer: () => "coat",
  hides: ({ closed }) => closed,
  opening: lapelsOpenTo("coat"),
  area: layerArea,
  insulation: clothed(0.6),
  weight: () => 1500,
});
