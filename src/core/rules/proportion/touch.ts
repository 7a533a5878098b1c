import { hemLimitsOf } from "../../proportion/hem-limits";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import { adjust } from "../proposals";
import { bootLeg, spokenOf } from "./pair";

export const touch = defineRule({
  id: "proportion.touch",
  reads: ["shoe"],
  title: "The hem just touches a close shaft",
  fault: "a hem on the boot's edge",
  why: "On a shaft that fits the leg a hem may touch: nothing catches, but the edge looks undecided.",
  tags: ["hem"],
  messages: {
    touches: "The hem of {trousers} just touches the top of {shoe}, which fits close to the leg: it works.",
  },
  read(dressed, { judge }) {
    const met = bootLeg(dressed, "touch");
    if (!met) return [];
    const { leg, fit } = met;
    const limits = hemLimitsOf(dressed.look.client.ruleBook);
    return [
      judge(
        "note",
        "touches",
        {
          figures: {
            gap: atLeast("gap", fit.gap, "cm", limits.showsFrom),
            ease: atMost("ease of the shaft", fit.ease, "cm", limits.closeEase),
          },
          proposals: [adjust("turn", leg.trousers)],
        },
        spokenOf(leg),
      ),
    ];
  },
});
