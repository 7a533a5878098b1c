import { added, choice, flag, length } from "../field";
import { wholeArea } from "./areas";
import { fromNeck, neckFigures, necklineOpensTo } from "./cuts";
import { defineKind } from "./define-kind";
import { clothed } from "./insulation";

export const dress = defineKind({
  label: "Dress",
  slot: null,
  place: "whole",
  zone: "trunk",
  figures: {
    cut: choice("Cut", ["a-line", "straight", "pencil", "pleated", "gathered"]),
    length: length("Length from the side neck point", [60, 165], 105),
    hemWidth: length("Hem, around", [70, 500], 150),
    ...neckFigures,
    ownBelt: added(flag("Comes with a belt of its own")),
  },
  seated: "skirt",
  extent: fromNeck,
  layer: () => "whole",
  opening: necklineOpensTo,
  area: wholeArea,
  insulation: clothed(0.32),
  weight: () => 500,
});
