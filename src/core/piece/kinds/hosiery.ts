import { added, amount, choice, flag, onlyWhere } from "../field";
import { hosieryArea } from "./areas";
import { defineKind } from "./define-kind";

/** Upper edges of hosiery, as shares of the body height above the footbed. */
const tops = {
  liner: 0.025,
  "ankle sock": 0.065,
  "crew sock": 0.125,
  "boot sock": 0.16,
  "knee-high": 0.27,
  "hold-up": 0.43,
  tights: 0.62,
} as const;

type Form = keyof typeof tops;

export const hosiery = defineKind({
  label: "Hosiery or socks",
  slot: "hosiery",
  place: null,
  zone: "leg",
  pull: 0.08,
  figures: {
    form: choice("Form", ["tights", "liner", "ankle sock", "crew sock", "boot sock", "knee-high", "hold-up"]),
    denier: amount("Denier", [5, 400, "den"], 40, "above 100 it is a knit"),
    compression: added(flag("For compression")),
    toe: onlyWhere(
      "form",
      ["tights", "liner", "knee-high", "hold-up"],
      choice("Toe", ["reinforced", "sheer", "open"]),
    ),
  },
  extent: ({ form }, { height }) => ({ from: 0, to: tops[form] * height }),
  layer: () => "hosiery",
  area: hosieryArea,
  insulation: ({ denier, form }) => hosieryClo(denier, form),
  weight: () => 40,
});

/**
 * Sheer tights 0.02 clo, opaque 0.05, wool 0.10 (docs/model.md, Comfort); what covers less of the leg counts in
 * part.
 */
export function hosieryClo(denier: number, form: Form): number {
  const full = denier > 100 ? 0.1 : denier >= 40 ? 0.05 : 0.02;
  return form === "tights" ? full : form === "knee-high" || form === "hold-up" ? full * 0.6 : full * 0.3;
}
