import { bottomArea } from "./areas";
import { defineKind } from "./define-kind";
import { clothed } from "./insulation";
import { legFigures, legsLean, plainHem } from "./legs";

export const trousers = defineKind({
  label: "Trousers",
  slot: null,
  place: "bottom",
  zone: "leg",
  figures: legFigures,
  leans: ({ hem }) => legsLean(hem),
  seated: "trousers",
  extent: (figures, body) => ({ from: plainHem(figures, body), to: body.measures.waistLine.cm }),
  layer: () => "bottom",
  area: bottomArea,
  insulation: clothed(0.22),
  weight: () => 550,
});
