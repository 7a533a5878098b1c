import { around } from "../../length/interval";
import { choice, length } from "../field";
import { defineKind } from "./define-kind";
import { small } from "./small";

export const hairPiece = defineKind({
  ...small,
  label: "Hair piece",
  slot: "hair",
  zone: "face",
  pull: "trinket",
  figures: {
    form: choice("Form", ["slide", "band", "comb", "bow"]),
    width: length("Across", [1, 25], 6),
  },
  extent: (_, { height }) => around(0.97 * height, 3),
  weight: () => 20,
});
