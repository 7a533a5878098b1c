import { speaks } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { adjust, takeOff } from "../proposals";

export const wrist = defineRule({
  id: "style.wrist",
  reads: ["wrist"],
  title: "A sleeve over the wrist",
  fault: "a sleeve over the wrist",
  why: "What a long sleeve hides need not be worn; pushed up a hand's breadth it is seen.",
  params: { speaks: param(1, "statement", "how much a piece speaks from which it is a pity to hide it") },
  messages: {
    hidden:
      "The long sleeve of {sleeve} hides {pieces}. Push it up, or leave {piecesCount, plural, one {it} other {them}} off.",
  },
  read({ worn }, { params, judge }) {
    const hidden = worn
      .filter(({ piece, slot }) => slot === "wrist" && speaks(piece, params.speaks))
      .map(({ piece }) => piece);
    const sleeve = [...worn]
      .reverse()
      .find(({ slot, asWorn }) => slot === null && "sleeve" in asWorn.figures);
    if (hidden.length === 0 || !sleeve || !("sleeve" in sleeve.asWorn.figures)) return [];
    if (sleeve.asWorn.figures.sleeve !== "long") return [];
    return [
      judge("note", "hidden", {
        of: { sleeve, pieces: hidden },
        proposals: [adjust("sleeves-pushed", sleeve.piece), ...hidden.map(takeOff)],
      }),
    ];
  },
});
