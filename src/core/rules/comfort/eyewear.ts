import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { wear } from "../proposals";

export const eyewear = defineRule({
  id: "comfort.eyewear",
  reads: ["eyewear"],
  title: "Dark glasses",
  fault: "dark glasses",
  why: "The darkest filters are for glaciers: not for driving, and not for an evening.",
  params: {
    driving: param(3, "level", "darkest filter that may be driven with"),
    evening: param(1, "level", "darkest filter after dark"),
  },
  messages: {
    evening:
      "{eyewear} {eyewearCount, plural, one {is} other {are}} too dark after sunset (filter category {filter}).",
    dark: "{eyewear} {eyewearCount, plural, one {is} other {are}} very dark (filter category {filter}).",
  },
  read({ worn, look }, { params, judge }) {
    const piece = worn.map((item) => item.piece).find((item) => item.kind === "eyewear");
    if (!piece) return [];
    const { filter } = piece.figures;
    const of = { eyewear: piece };
    const proposals = wear("eyewear");
    if (look.occasion?.light === "evening" && filter > params.evening) {
      const figures = { filter: atMost("filter category", filter, "level", params.evening) };
      return [judge("jars", "evening", { of, figures, proposals })];
    }
    if (filter <= params.driving) return [];
    return [
      judge("note", "dark", {
        of,
        figures: { filter: atMost("filter category", filter, "level", params.driving) },
        proposals,
        caution: "Sun filters of category 4 are not for driving.",
      }),
    ];
  },
});
