import { isAwayOn } from "../../piece/on-record";
import { sayDay } from "../../words/day";
import { defineRule } from "../define-rule";
import { swapOrTakeOff } from "../proposals";

export const away = defineRule({
  id: "care.away",
  reads: "everything",
  title: "What is not here on the day",
  fault: "a piece that is not here",
  why: "A piece at the cleaner's or on loan cannot be worn, however well it goes.",
  messages: {
    back: "{piece} {pieceCount, plural, one {is} other {are}} {why} until {back}: not here on {day}.",
    gone: "{piece} {pieceCount, plural, one {is} other {are}} {why}, and nobody has said until when.",
  },
  read({ look }, { judge }) {
    const { onRecord, occasion, garments, accessories } = look;
    if (!onRecord) return [];
    const day = occasion?.day ?? onRecord.today;
    return [...garments, ...accessories].flatMap((piece) => {
      const upkeep = onRecord.upkeep[piece.id];
      if (!upkeep || !upkeep.away || !isAwayOn(upkeep, day)) return [];
      const why = upkeep.away;
      const facts = { of: { piece }, proposals: swapOrTakeOff(piece) };
      return upkeep.back === null
        ? [judge("jars", "gone", { words: { why } }, facts)]
        : [judge("jars", "back", { words: { why, back: sayDay(upkeep.back), day: sayDay(day) } }, facts)];
    });
  },
});
