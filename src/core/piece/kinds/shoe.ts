import { added, choice, flag, length, maybeLength } from "../field";
import { defineKind } from "./define-kind";

export const shoe = defineKind({
  label: "Shoe or boot",
  slot: "shoe",
  place: null,
  figures: {
    form: choice("Form", [
      "pump",
      "flat",
      "loafer",
      "laced shoe",
      "mule",
      "sandal",
      "thong",
      "trainer",
      "boot",
    ]),
    lift: length("Lift at the heel, sole and heel", 0, 20, 2),
    platform: length("Platform under the toes", 0, 12, 0.8),
    tip: choice("Heel", ["flat", "block", "slim", "stiletto", "wedge"]),
    toe: choice("Toe", ["round", "almond", "pointed", "square", "open"]),
    soleBulk: choice("Sole", ["fine", "middling", "heavy"]),
    shaft: maybeLength("Shaft above the footbed", 4, 75, "for boots"),
    shaftTop: maybeLength("Shaft's top, around", 18, 80, "for boots"),
    leather: added(flag("Of leather")),
    quiet: added(flag("Quiet sole", false, "rubber or felt under the heel")),
  },
  check({ form, lift, platform, shaft }) {
    if (form === "boot" && shaft === null)
      return { field: "shaft", say: "A boot needs the height of its shaft above the footbed." };
    if (form !== "boot" && shaft !== null)
      return { field: "shaft", say: `A ${form} has no shaft: leave it empty, or call it a boot.` };
    if (platform > lift)
      return { field: "platform", say: "The platform cannot be higher than the lift at the heel." };
    return null;
  },
});
