import { amount, choice, length } from "../field";
import { fixedArea } from "./areas";
import { defineKind } from "./define-kind";
import { none } from "./insulation";

export const umbrella = defineKind({
  label: "Umbrella",
  slot: "umbrella",
  place: null,
  zone: "hand",
  shelters: true,
  figures: {
    form: choice("Form", ["stick", "folding"]),
    length: length("Length, closed", [18, 100], 86),
    handle: choice("Handle", ["crook", "straight", "loop"]),
    weight: amount("Weight", [120, 1500, "g"], 480),
  },
  // Held by its handle at the fingertips, it hangs closed beside the leg.
  extent: (figures, { measures }) => ({
    from: Math.max(0, measures.fingertip.cm - figures.length),
    to: measures.fingertip.cm,
  }),
  layer: () => "outermost",
  area: fixedArea(0.03),
  insulation: none,
  weight: (figures) => figures.weight,
});
