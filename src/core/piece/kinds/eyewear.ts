import { around } from "../../length/interval";
import { amount, choice, length } from "../field";
import { defineKind } from "./define-kind";
import { small } from "./small";

export const eyewear = defineKind({
  ...small,
  label: "Eyewear",
  slot: "eyewear",
  zone: "face",
  figures: {
    form: choice("Form", ["round", "oval", "square", "upswept"]),
    width: length("Frame across", [9, 17], 13.5),
    filter: amount("Sun filter category", [0, 4, "level"], 0),
  },
  extent: (_, { height }) => around(0.935 * height, 4),
  weight: () => 30,
});
