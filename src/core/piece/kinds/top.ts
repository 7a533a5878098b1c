import { flag, length } from "../field";
import { topArea } from "./areas";
import { fromNeck, neckFigures, necklineOpensTo } from "./cuts";
import { defineKind } from "./define-kind";
import { clothed } from "./insulation";

export const top = defineKind({
  label: "Top, shirt or knit",
  slot: null,
  place: "top",
  zone: "trunk",
  figures: {
    ...neckFigures,
    length: length("Length from the side neck point", [30, 110], 62),
    bodyGirth: length("Body, around", [60, 220], 104),
    tucked: flag("Worn tucked in"),
  },
  extent: (figures, body) =>
    figures.tucked
      ? { from: body.measures.waistLine.cm, to: body.measures.neckPoint.cm }
      : fromNeck(figures, body),
  layer: ({ tucked }) => (tucked ? "tucked top" : "top"),
  opening: necklineOpensTo,
  area: topArea,
  insulation: clothed(0.2),
  weight: () => 300,
});
