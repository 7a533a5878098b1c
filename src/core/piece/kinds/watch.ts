import { added, choice, length } from "../field";
import { defineKind } from "./define-kind";
import { nickel } from "./nickel";
import { small } from "./small";
import { atWrist } from "./wrist";

export const watch = defineKind({
  ...small,
  label: "Watch",
  slot: "wrist",
  zone: "hand",
  pull: "trinket",
  figures: {
    face: length("Case across", [1.5, 6], 3.2),
    strapMade: choice("Strap of", ["leather", "metal", "cloth"]),
    otherStrap: added(choice("Another strap of", ["none", "leather", "metal", "cloth"])),
    nickel,
  },
  extent: atWrist,
  weight: () => 60,
});
