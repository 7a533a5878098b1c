import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";

export const eyewear = defineRule({
  id: "head.eyewear",
  lens: "comfort",
  weight: 1,
  title: "Dark glasses",
  why: "The darkest filters are for glaciers: not for driving, and not for an evening.",
  params: {
    driving: param(3, "level", "darkest filter that may be driven with"),
    evening: param(1, "level", "darkest filter after dark"),
  },
  read({ worn, look }, { driving, evening }) {
    const piece = worn.map((item) => item.piece).find((item) => item.kind === "eyewear");
    if (piece?.kind !== "eyewear") return [];
    const { filter } = piece.figures;
    const shared = {
      names: { eyewear: piece.name },
      pieces: [piece.id],
      proposals: [{ kind: "wear", slot: "eyewear" }] as const,
    };
    if (look.occasion?.light === "evening" && filter > evening)
      return [
        {
          effect: "jars",
          say: "A filter of category {filter} after dark: {eyewear}.",
          figures: { filter: atMost("filter category", filter, "level", evening) },
          ...shared,
        },
      ];
    if (filter <= driving) return [];
    return [
      {
        effect: "note",
        say: "Filter category {filter}: {eyewear}.",
        figures: { filter: atMost("filter category", filter, "level", driving) },
        caution: "Sun filters of category 4 are not for driving.",
        ...shared,
      },
    ];
  },
});
