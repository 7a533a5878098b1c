import { added, flag, length } from "../field";
import { fixedArea } from "./areas";
import { defineKind } from "./define-kind";
import { always } from "./insulation";

export const gloves = defineKind({
  label: "Gloves",
  slot: "gloves",
  place: null,
  zone: "hand",
  pull: 0.05,
  figures: {
    length: length("Length above the wrist", [0, 45], 6),
    leather: added(flag("Of leather")),
  },
  extent: (figures, { height }) => ({ from: 0.39 * height, to: 0.47 * height + figures.length }),
  layer: () => "outermost",
  area: fixedArea(0.015),
  insulation: always(0.05),
  weight: () => 70,
});
