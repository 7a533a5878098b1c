import { defineRule } from "../define-rule";

export const compression = defineRule({
  id: "comfort.compression",
  reads: ["hosiery"],
  title: "Compression hosiery",
  fault: "compression hosiery",
  why: "Compression is fitted by a professional to one pair of legs: it is not chosen by colour.",
  messages: {
    fitted:
      "{hosiery} {hosieryCount, plural, one {is} other {are}} for compression: no other pair stands in for it.",
  },
  read({ hosiery }, { judge }) {
    if (!hosiery?.piece.figures.compression) return [];
    return [
      judge("note", "fitted", {
        of: { hosiery: hosiery.piece },
        caution: "Compression is worn only as a professional has fitted it.",
      }),
    ];
  },
});
