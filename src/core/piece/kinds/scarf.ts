import { added, amount, choice, flag, length, picture } from "../field";
import { fixedArea } from "./areas";
import { defineKind } from "./define-kind";
import { always } from "./insulation";

/** How far below the side neck points a scarf or a tie falls as it is worn, cm. */
const falls = {
  draped: 45,
  "tied at the front": 16,
  "tied at the side": 16,
  wrapped: 16,
  "tied as a bow": 5,
} as const;

/** How far it stands above them, cm. */
const stands = 5;

export const scarf = defineKind({
  label: "Scarf or tie",
  slot: "neck",
  place: null,
  zone: "face",
  pull: 0.2,
  figures: {
    sideA: length("Long side", [20, 260], 90),
    sideB: length("Short side", [4, 160], 90),
    thickness: amount("Cloth thickness", [0.04, 6, "mm"], 0.14),
    stiffness: amount("Stiffness", [0, 1, "0-1"], 0.4),
    worn: choice("Worn", ["tied at the front", "wrapped", "draped", "tied at the side", "tied as a bow"]),
    design: added(
      choice("Design", [
        "not said",
        "plain",
        "alike in every corner",
        "bordered",
        "stripes",
        "placed picture",
      ]),
    ),
    paler: added(amount("Reverse paler by", [0, 1, "0-1"], 0, "woven 0, printed about 0.25")),
    loop: added(flag("Endless loop")),
    picture: added(picture("Picture", "Drawn once, it shows what each fold and each tie lets you see.")),
  },
  extent: ({ worn }, { measures }) => ({
    from: measures.neckPoint.cm - falls[worn],
    to: measures.neckPoint.cm + stands,
  }),
  layer: () => "scarf",
  area: fixedArea(0.06),
  insulation: always(0.08),
  weight: () => 90,
});
