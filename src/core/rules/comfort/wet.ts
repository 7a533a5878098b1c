import type { Occasion } from "../../piece/occasion";
import { isWet, shelters, spoiledByRain, suffersInRain } from "../../place/rain";
import { param } from "../../rule-book/params";
import type { RuleBook } from "../../rule-book/rule-book";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { swapOrTakeOff } from "../proposals";

/** Whether rain is to be reckoned with at an occasion, as the client's rule book has it: for reading and search alike. */
export function rainIsLikely(occasion: Occasion, book: RuleBook): boolean {
  return isWet(occasion, wet.settings(book).params.likely);
}

export const wet = defineRule({
  id: "comfort.wet",
  reads: "everything",
  title: "What rain does to it",
  fault: "rain on it",
  why: "Suede, satin, straw and open toes do not come home from rain as they went; an umbrella spares what is under it, never the feet.",
  tags: ["place"],
  params: { likely: param(0.4, "share", "chance of rain over which it is reckoned with") },
  messages: {
    spoils: "Rain would spoil {pieces}, and it may well rain at {occasion} ({rain}).",
  },
  concerns: ({ piece }) => suffersInRain(piece) || shelters(piece),
  read({ look }, { params, judge }) {
    const { occasion, garments, accessories } = look;
    if (!occasion || !isWet(occasion, params.likely)) return [];
    if (!accessories.some(suffersInRain)) return [];
    const pieces = spoiledByRain([...garments, ...accessories]).filter((piece) =>
      accessories.includes(piece),
    );
    if (pieces.length === 0) return [];
    const figures = { rain: atMost("chance of rain", occasion.rain, "share", params.likely) };
    const words = { occasion: occasion.name };
    return [judge("jars", "spoils", { of: { pieces }, words, figures, proposals: swapOrTakeOff(...pieces) })];
  },
});
