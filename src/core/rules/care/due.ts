import { listed } from "../../words/called";
import { defineRule } from "../define-rule";
import { swapOrTakeOff } from "../proposals";

export const due = defineRule({
  id: "care.due",
  reads: "everything",
  title: "What a piece needs first",
  fault: "care that is due",
  why: "A stain, worn heel tips or pilling are seen before anything else is.",
  messages: {
    needs: "{piece} {pieceCount, plural, one {needs} other {need}} {needs} first.",
  },
  read({ look: { onRecord, garments, accessories } }, { judge }) {
    if (!onRecord) return [];
    return [...garments, ...accessories].flatMap((piece) => {
      const needs = onRecord.upkeep[piece.id]?.needs ?? [];
      if (needs.length === 0) return [];
      return [
        judge("rubs", "needs", {
          of: { piece },
          words: { needs: listed([...needs]) },
          proposals: swapOrTakeOff(piece),
        }),
      ];
    });
  },
});
