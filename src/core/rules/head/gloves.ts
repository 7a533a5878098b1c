import { sleeveEnds, wristShare } from "../../body/sleeve-ends";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast } from "../figures";

export const gloves = defineRule({
  id: "head.gloves",
  lens: "proportion",
  weight: 1,
  title: "A glove and its sleeve",
  why: "Glove and sleeve meet or overlap; a stripe of wrist between them looks outgrown, unless the arm is plainly bare.",
  params: {
    gap: param(1, "cm", "widest gap between glove and sleeve"),
    bare: param(12, "cm", "from this on the arm is plainly bare"),
  },
  read({ worn, look, body }, { gap, bare }) {
    const piece = worn.map((item) => item.piece).find((item) => item.kind === "gloves");
    const outer = [...look.garments].reverse().find((item) => "sleeve" in item.figures);
    if (piece?.kind !== "gloves" || !outer || !("sleeve" in outer.figures)) return [];
    const end = sleeveEnds[outer.figures.sleeve];
    if (end === null) return [];
    const open = (end - wristShare) * body.height - piece.figures.length;
    if (open <= gap || open >= bare) return [];
    return [
      {
        effect: "rubs",
        say: "{open} of arm between {gloves} and the sleeve of {garment}.",
        names: { gloves: piece.name, garment: outer.name },
        figures: {
          open: { label: "arm between", value: open, unit: "cm", limit: { least: null, most: gap } },
          bare: atLeast("or plainly bare from", open, "cm", bare),
        },
        pieces: [piece.id, outer.id],
        estimated: true,
        proposals: [{ kind: "wear", slot: "gloves" }],
      },
    ];
  },
});
