import { around } from "../../length/interval";
import { length } from "../field";
import { defineKind } from "./define-kind";
import { nickel } from "./nickel";
import { small } from "./small";

export const ring = defineKind({
  ...small,
  label: "Ring",
  slot: "ring",
  zone: "hand",
  pull: "jewellery",
  figures: {
    width: length("Width of the head", [0.1, 5], 0.6),
    nickel,
  },
  extent: (_, { height }) => around(0.41 * height, 1),
  weight: () => 8,
});
