import { added, flag, length } from "../field";
import { defineKind } from "./define-kind";

export const gloves = defineKind({
  label: "Gloves",
  slot: "gloves",
  place: null,
  figures: {
    length: length("Length above the wrist", 0, 45, 6),
    leather: added(flag("Of leather")),
  },
});
