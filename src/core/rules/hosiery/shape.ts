import { isSock } from "../../hosiery/socks";
import { isOpenToed } from "../../piece/piece";
import { defineRule } from "../define-rule";
import { wear } from "../proposals";

export const shape = defineRule({
  id: "hosiery.shape",
  reads: ["hosiery", "shoe"],
  title: "A close skirt over hosiery",
  fault: "the toe below a close skirt",
  why: "Under a close straight skirt a covered leg runs on best into a closed shoe with a pointed or almond toe.",
  tags: ["leg"],
  messages: {
    runs: "Under {skirt} the leg runs on through {hosiery} into {shoe}.",
    wants:
      "A pointed or almond toe would carry the close line of {skirt} further than {shoe} {shoeCount, plural, one {does} other {do}}.",
  },
  read({ hosiery, shoe, skirt }, { judge }) {
    if (!hosiery || !shoe || !skirt?.close || isSock(hosiery.piece) || isOpenToed(shoe.piece)) return [];
    const of = { skirt: skirt.garment, shoe, hosiery };
    const { toe } = shoe.piece.figures;
    if (toe === "pointed" || toe === "almond") return [judge("lifts", "runs", { of })];
    return [judge("note", "wants", { of, proposals: wear("shoe") })];
  },
});
