import { turnLength } from "../../proportion/hem";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { spokenOf } from "./pair";

export const turnStrain = defineRule({
  id: "proportion.turn-strain",
  lens: "proportion",
  weight: 1,
  title: "A turned edge must lie on a leg of its own width",
  why: "A cuff turned up on a leg that narrows buckles; on one that flares it kicks out.",
  params: { most: param(2.5, "cm", "most difference between the turned edge and the leg it lies on") },
  read({ leg }, { most }) {
    if (!leg?.turn) return [];
    const strain = 2 * turnLength(leg.turn) * Math.abs(leg.taper);
    if (strain <= most) return [];
    return [
      {
        effect: "jars",
        say:
          leg.taper > 0
            ? "The turn-up is {strain} too tight for the leg under it: it buckles."
            : "The turn-up is {strain} wider than the leg under it: it kicks out.",
        figures: { strain: atMost("difference of width", strain, "cm", most) },
        proposals: [{ kind: "turn", piece: leg.trousers.id }],
        ...spokenOf(leg),
      },
    ];
  },
});
