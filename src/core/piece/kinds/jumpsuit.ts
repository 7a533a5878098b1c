import { wholeArea } from "./areas";
import { neckFigures } from "./cuts";
import { defineKind } from "./define-kind";
import { clothed } from "./insulation";
import { legFigures, legsLean, plainHem } from "./legs";

export const jumpsuit = defineKind({
  label: "Jumpsuit",
  slot: null,
  place: "whole",
  zone: "trunk",
  figures: { ...legFigures, ...neckFigures },
  leans: ({ hem }) => legsLean(hem),
  seated: "trousers",
  extent: (figures, body) => ({ from: plainHem(figures, body), to: body.measures.neckPoint.cm }),
  layer: () => "whole",
  area: wholeArea,
  insulation: clothed(0.42),
  weight: () => 700,
});
