import { defineRule } from "../define-rule";

export const wrist = defineRule({
  id: "comfort.wrist",
  lens: "style",
  weight: 1,
  title: "A sleeve over the wrist",
  why: "What a long sleeve hides need not be worn; pushed up a hand's breadth it is seen.",
  params: {},
  read({ worn, look }) {
    const hidden = worn
      .filter(({ piece, slot }) => slot === "wrist" && piece.statement >= 1)
      .map(({ piece }) => piece);
    const sleeve = [...look.garments].reverse().find((piece) => "sleeve" in piece.figures);
    if (hidden.length === 0 || !sleeve || !("sleeve" in sleeve.figures) || sleeve.figures.sleeve !== "long")
      return [];
    return [
      {
        effect: "note",
        say: "The long sleeve of {sleeve} hides {pieces}: push it up, or leave them off.",
        names: { sleeve: sleeve.name, pieces: hidden.map(({ name }) => name).join(", ") },
        pieces: [sleeve.id, ...hidden.map(({ id }) => id)],
        proposals: hidden.map(({ id }) => ({ kind: "take-off", piece: id })),
      },
    ];
  },
});
