import { sleeveEnds, wristShare } from "../../body/sleeve-ends";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import { wear } from "../proposals";

export const gloves = defineRule({
  id: "proportion.gloves",
  reads: ["gloves"],
  title: "A glove and its sleeve",
  fault: "a gap above the glove",
  why: "Glove and sleeve meet or overlap; a stripe of wrist between them looks outgrown, unless the arm is plainly bare.",
  params: {
    gap: param(1, "cm", "widest gap between glove and sleeve"),
    bare: param(12, "cm", "from this on the arm is plainly bare"),
  },
  messages: { stripe: "{open} of arm shows between {gloves} and the sleeve of {garment}." },
  read({ worn, body }, { params, judge }) {
    const piece = worn.map((item) => item.piece).find((item) => item.kind === "gloves");
    const outer = [...worn].reverse().find(({ slot, asWorn }) => slot === null && "sleeve" in asWorn.figures);
    if (!piece || !outer || !("sleeve" in outer.asWorn.figures)) return [];
    const end = sleeveEnds[outer.asWorn.figures.sleeve];
    if (end === null) return [];
    const open = (end - wristShare) * body.height - piece.figures.length;
    if (open <= params.gap || open >= params.bare) return [];
    return [
      judge("rubs", "stripe", {
        of: { gloves: piece, garment: outer },
        figures: {
          open: atMost("arm between", open, "cm", params.gap),
          bare: atLeast("or plainly bare from", open, "cm", params.bare),
        },
        estimated: true,
        proposals: wear("gloves"),
      }),
    ];
  },
});
