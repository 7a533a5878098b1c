import { hemLimitsOf } from "../../proportion/hem-limits";
import { defineRule } from "../define-rule";
import { atLeast, atMost, figure } from "../figures";
import { bootLeg, spokenOf, turnOrSwap } from "./pair";

export const ankleLost = defineRule({
  id: "proportion.ankle-lost",
  reads: ["shoe"],
  title: "The ankle is lost in a loose shaft",
  fault: "a lost ankle",
  why: "When the hem covers a shaft that stands off the leg, neither the ankle nor the shaft is seen to fit.",
  tags: ["hem"],
  messages: {
    lost: "The hem of {trousers} covers {shoe} by {overlap}, and the boot stands {ease} off the leg: the ankle disappears.",
  },
  read(dressed, { judge }) {
    const met = bootLeg(dressed, "ankle-lost");
    if (!met) return [];
    const { leg, fit } = met;
    const limits = hemLimitsOf(dressed.look.client.ruleBook);
    return [
      judge(
        "jars",
        "lost",
        {
          figures: {
            overlap: figure("overlap", -fit.gap, "cm"),
            ease: atMost("ease of the shaft", fit.ease, "cm", limits.closeEase),
            clearance: atLeast("clearance", fit.clearance, "cm", limits.roomy),
          },
          proposals: turnOrSwap(leg),
        },
        spokenOf(leg),
      ),
    ];
  },
});
