import { restsOn } from "../../piece/on-record";
import { sayDay } from "../../words/day";
import { defineRule } from "../define-rule";
import { wear } from "../proposals";

export const rest = defineRule({
  id: "care.rest",
  reads: ["shoe"],
  title: "A day of rest for shoes",
  fault: "shoes that should rest",
  why: "Leather takes a day to dry; shoes worn two days running wear out twice as fast.",
  weight: 0.5,
  messages: {
    rests: "{shoe} {shoeCount, plural, one {was} other {were}} worn on {worn}: give them a day to dry.",
  },
  read({ look, shoe }, { judge }) {
    const { onRecord, occasion } = look;
    if (!onRecord || !shoe) return [];
    const lastWorn = onRecord.upkeep[shoe.piece.id]?.lastWorn ?? null;
    const day = occasion?.day ?? onRecord.today;
    if (lastWorn === null || !restsOn(shoe.piece, lastWorn, day)) return [];
    return [
      judge("rubs", "rests", {
        of: { shoe: shoe.piece },
        words: { worn: sayDay(lastWorn) },
        proposals: wear("shoe"),
      }),
    ];
  },
});
