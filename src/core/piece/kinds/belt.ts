import { around } from "../../length/interval";
import { added, flag, length } from "../field";
import { fixedArea } from "./areas";
import { defineKind } from "./define-kind";
import { none } from "./insulation";

export const belt = defineKind({
  label: "Belt",
  slot: "belt",
  place: null,
  zone: "waist",
  pull: 0.05,
  figures: {
    width: length("Width", [0.5, 20], 3),
    firstHole: length("Buckle to the first hole", [40, 180], 70),
    lastHole: length("Buckle to the last hole", [40, 190], 85),
    leather: added(flag("Of leather")),
  },
  check: ({ firstHole, lastHole }) =>
    lastHole < firstHole
      ? { field: "lastHole", say: "The last hole cannot be nearer the buckle than the first." }
      : null,
  extent: ({ width }, { measures }) => around(measures.waistLine.cm, width),
  layer: () => "belt",
  area: fixedArea(0.015),
  insulation: none,
  weight: () => 180,
});
