import { amount, choice } from "../field";
import { defineKind } from "./define-kind";

export const hosiery = defineKind({
  label: "Hosiery or socks",
  slot: "hosiery",
  place: null,
  figures: {
    form: choice("Form", ["tights", "liner", "ankle sock", "crew sock", "boot sock", "knee-high", "hold-up"]),
    denier: amount("Denier", "den", 5, 400, 40, "above 100 it is a knit"),
    toe: choice("Toe", ["reinforced", "sheer", "open"]),
  },
});
