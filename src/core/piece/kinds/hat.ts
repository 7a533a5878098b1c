import { added, choice, flag, length } from "../field";
import { defineKind } from "./define-kind";

export const hat = defineKind({
  label: "Hat",
  slot: "hat",
  place: null,
  figures: {
    form: choice("Form", ["felt", "straw", "beret", "knit cap", "peaked cap"]),
    brim: length("Brim", 0, 25, 0),
    pinned: added(flag("Held by a pin or an elastic")),
  },
});
