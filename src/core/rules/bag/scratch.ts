import { defineRule } from "../define-rule";

export const scratch = defineRule({
  id: "bag.scratch",
  lens: "care",
  weight: 1,
  title: "A chain against a front clasp",
  why: "A chain strap laid over a polished front clasp scratches both.",
  params: {},
  read({ landing }) {
    if (!landing) return [];
    const { bag, figures } = landing;
    const fronted =
      bag.metalSize >= 2 &&
      (figures.shape === "box" || figures.shape === "fold" || figures.shape === "satchel");
    if (figures.strapMade !== "chain" || !fronted) return [];
    return [
      {
        effect: "note",
        say: "The chain of {bag} falls over its front clasp: lay it to the back when it is put down.",
        names: { bag: bag.name },
        pieces: [bag.id],
      },
    ];
  },
});
