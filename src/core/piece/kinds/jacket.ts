import { choice, flag, length } from "../field";
import { layerArea } from "./areas";
import { fromNeck, lapelsOpenTo, sleeves } from "./cuts";
import { defineKind } from "./define-kind";
import { clothed } from "./insulation";

export const jacket = defineKind({
  label: "Jacket",
  slot: "layer",
  place: "layer",
  zone: "trunk",
  figures: {
    collar: choice("Collar", ["notched", "shawl", "stand", "round", "hood"]),
    sleeve: choice("Sleeve", sleeves),
    length: length("Length from the side neck point", 35, 100, 66),
    closed: flag("Worn closed"),
  },
  extent: fromNeck,
  layer: () => "jacket",
  hides: ({ closed }) => closed,
  opening: lapelsOpenTo("jacket"),
  area: layerArea,
  insulation: clothed(0.36),
  weight: () => 900,
});
