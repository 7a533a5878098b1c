import { necklaceDrop } from "../../chain/drop";
import { choice, length } from "../field";
import { defineKind } from "./define-kind";
import { nickel } from "./nickel";
import { small } from "./small";

export const necklace = defineKind({
  ...small,
  label: "Necklace",
  slot: "necklace",
  zone: "face",
  pull: "jewellery",
  figures: {
    loop: length("Whole loop", [30, 200], 46),
    pendant: length("Pendant, from the chain", [0, 25], 0),
    weight: choice("Weight", ["fine", "middling", "bold"]),
    nickel,
  },
  extent: (figures, { measures }) => {
    const neck = measures.neckPoint.cm;
    return { from: neck - necklaceDrop(figures, measures.neck.cm), to: neck };
  },
  layer: () => "necklace",
  weight: () => 40,
});
