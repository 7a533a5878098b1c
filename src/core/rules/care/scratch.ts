import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";

/** Bags that close in front, where a chain falls. */
const fronted: ReadonlySet<string> = new Set(["box", "fold", "satchel"]);

export const scratch = defineRule({
  id: "care.scratch",
  reads: ["bag"],
  title: "A chain against a front clasp",
  fault: "a scratch from the chain",
  why: "A chain strap laid over a polished front clasp scratches both.",
  params: { clasp: param(2, "count", "how much metal a bag shows from which its clasp can be scratched") },
  messages: {
    falls: "The chain of {bag} falls over its front clasp. Lay it to the back when the bag is put down.",
  },
  read({ landing }, { params, judge }) {
    if (!landing) return [];
    const { bag } = landing;
    if (bag.figures.strapMade !== "chain" || bag.metalSize < params.clasp || !fronted.has(bag.figures.shape))
      return [];
    return [judge("note", "falls", { of: { bag } })];
  },
});
