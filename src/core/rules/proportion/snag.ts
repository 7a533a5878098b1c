import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import { hemLimitsOf } from "../../proportion/hem-limits";
import { bootLeg, spokenOf } from "./pair";

export const snag = defineRule({
  id: "proportion.snag",
  lens: "proportion",
  weight: 1,
  title: "The hem meets the edge of a loose shaft",
  why: "A shaft that stands off the leg catches a hem that ends at its edge, with every step and worst on stairs.",
  params: {},
  read(dressed) {
    const met = bootLeg(dressed, "snag");
    if (!met) return [];
    const { leg, fit } = met;
    const limits = hemLimitsOf(dressed.look.client.ruleBook);
    return [
      {
        effect: "jars",
        say: "The hem of {trousers} ends at the edge of {shoe} (gap {gap}) and the shaft stands {ease} off the leg: it will catch.",
        figures: {
          gap: atLeast("gap", fit.gap, "cm", limits.showsFrom),
          ease: atMost("ease of the shaft", fit.ease, "cm", limits.closeEase),
          clearance: atLeast("clearance", fit.clearance, "cm", limits.roomy),
        },
        proposals: [
          { kind: "turn", piece: leg.trousers.id },
          { kind: "wear", slot: "shoe" },
        ],
        caution: "A hem that catches on a shaft can trip on stairs.",
        ...spokenOf(leg),
      },
    ];
  },
});
