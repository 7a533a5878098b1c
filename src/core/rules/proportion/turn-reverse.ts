import { profileOf } from "../../dressing/profile";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { spokenOf } from "./pair";

export const turnReverse = defineRule({
  id: "proportion.turn-reverse",
  reads: ["shoe"],
  title: "A turn-up shows the inside of the cloth",
  fault: "a light line at the hem",
  why: "A paler inside draws a line at the ankle, which then wants an answer: a shoe's sole, a tee, a bag.",
  params: { most: param(15, "L*", "difference of depth from which the line is plain to see") },
  tags: ["hem"],
  messages: {
    line: "The turn-up shows the inside of {trousers}, in a clearly different depth. Repeat it in a sole, a top or a bag.",
  },
  read({ leg }, { params, judge }) {
    if (!leg?.turn) return [];
    const { ground, reverse } = profileOf(leg.trousers);
    if (!ground || !reverse) return [];
    const depth = Math.abs(ground.shade.L - reverse.shade.L);
    if (depth < params.most) return [];
    const figures = { depth: atMost("difference of depth", depth, "L*", params.most) };
    return [judge("note", "line", { figures }, spokenOf(leg))];
  },
});
