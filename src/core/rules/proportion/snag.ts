import { hemLimitsOf } from "../../proportion/hem-limits";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import { bootLeg, spokenOf, turnOrSwap } from "./pair";

export const snag = defineRule({
  id: "proportion.snag",
  reads: ["shoe"],
  title: "The hem meets the edge of a loose shaft",
  fault: "a hem that catches",
  why: "A shaft that stands off the leg catches a hem that ends at its edge, with every step and worst on stairs.",
  tags: ["hem"],
  messages: {
    catches:
      "The hem of {trousers} just meets the top of {shoe}, which stands {ease} off the leg: it will catch.",
  },
  read(dressed, { judge }) {
    const met = bootLeg(dressed, "snag");
    if (!met) return [];
    const { leg, fit } = met;
    const limits = hemLimitsOf(dressed.look.client.ruleBook);
    return [
      judge(
        "jars",
        "catches",
        {
          figures: {
            gap: atLeast("gap", fit.gap, "cm", limits.showsFrom),
            ease: atMost("ease of the shaft", fit.ease, "cm", limits.closeEase),
            clearance: atLeast("clearance", fit.clearance, "cm", limits.roomy),
          },
          proposals: turnOrSwap(leg),
          caution: "A hem that catches on a shaft can trip on stairs.",
        },
        spokenOf(leg),
      ),
    ];
  },
});
