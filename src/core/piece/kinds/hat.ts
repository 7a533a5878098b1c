import { added, choice, flag, length, onlyWhere } from "../field";
import { fixedArea } from "./areas";
import { defineKind } from "./define-kind";
import { always } from "./insulation";

export const hat = defineKind({
  label: "Hat",
  slot: "hat",
  place: null,
  zone: "face",
  pull: 0.2,
  figures: {
    form: choice("Form", ["felt", "straw", "beret", "knit cap", "peaked cap"]),
    brim: onlyWhere("form", ["felt", "straw", "peaked cap"], length("Brim", [0, 25], 0)),
    pinned: onlyWhere("form", ["felt", "straw", "beret"], added(flag("Held by a pin or an elastic"))),
  },
  extent: (_, { height }) => ({ from: 0.95 * height, to: 1.02 * height }),
  layer: () => "outermost",
  area: fixedArea(0.03),
  insulation: always(0.05),
  weight: () => 120,
});
