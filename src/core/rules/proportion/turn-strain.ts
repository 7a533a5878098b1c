import { turnLength } from "../../proportion/hem";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { adjust } from "../proposals";
import { spokenOf } from "./pair";

export const turnStrain = defineRule({
  id: "proportion.turn-strain",
  reads: ["shoe"],
  title: "A turned edge must lie on a leg of its own width",
  fault: "a turn-up that strains",
  why: "A cuff turned up on a leg that narrows buckles; on one that flares it kicks out.",
  params: { most: param(2.5, "cm", "most difference between the turned edge and the leg it lies on") },
  tags: ["hem"],
  messages: {
    buckles: "The turn-up is {strain} too tight for the leg under it, and buckles.",
    kicks: "The turn-up is {strain} wider than the leg under it, and kicks out.",
  },
  read({ leg }, { params, judge }) {
    if (!leg?.turn) return [];
    const strain = 2 * turnLength(leg.turn) * Math.abs(leg.taper);
    if (strain <= params.most) return [];
    return [
      judge(
        "jars",
        leg.taper > 0 ? "buckles" : "kicks",
        {
          figures: { strain: atMost("difference of width", strain, "cm", params.most) },
          proposals: [adjust("turn", leg.trousers)],
        },
        spokenOf(leg),
      ),
    ];
  },
});
