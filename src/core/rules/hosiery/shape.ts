import { isOpenToed } from "../../piece/piece";
import { defineRule } from "../define-rule";
import { hosieryOf, isSock } from "./worn";

export const shape = defineRule({
  id: "hosiery.shape",
  lens: "hosiery",
  weight: 1,
  title: "A close skirt over hosiery",
  why: "Under a close straight skirt a covered leg runs on best into a closed shoe with a pointed or almond toe.",
  params: {},
  read(dressed) {
    const met = hosieryOf(dressed);
    const { skirt } = dressed;
    if (!met?.shoePiece || !skirt?.close || isSock(met.hosiery)) return [];
    const { toe } = met.shoePiece.figures;
    const names = { skirt: skirt.garment.name, shoe: met.shoePiece.name, hosiery: met.hosiery.name };
    const shared = { names, pieces: [skirt.garment.id, met.shoePiece.id, met.hosiery.id] };
    if (!isOpenToed(met.shoePiece) && (toe === "pointed" || toe === "almond"))
      return [
        { effect: "lifts", say: "Under {skirt} the leg runs on through {hosiery} into {shoe}.", ...shared },
      ];
    if (isOpenToed(met.shoePiece)) return [];
    return [
      {
        effect: "note",
        say: "A pointed or almond toe would carry the close line of {skirt} further than {shoe}.",
        proposals: [{ kind: "wear", slot: "shoe" }],
        ...shared,
      },
    ];
  },
});
