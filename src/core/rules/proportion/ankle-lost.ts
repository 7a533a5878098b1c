import { hemLimitsOf } from "../../proportion/hem-limits";
import { defineRule } from "../define-rule";
import { atLeast, atMost, figure } from "../figures";
import { bootLeg, spokenOf } from "./pair";

export const ankleLost = defineRule({
  id: "proportion.ankle-lost",
  lens: "proportion",
  weight: 1,
  title: "The ankle is lost in a loose shaft",
  why: "When the hem covers a shaft that stands off the leg, neither the ankle nor the shaft is seen to fit.",
  params: {},
  read(dressed) {
    const met = bootLeg(dressed, "ankle-lost");
    if (!met) return [];
    const { leg, fit } = met;
    const limits = hemLimitsOf(dressed.look.client.ruleBook);
    return [
      {
        effect: "jars",
        say: "The hem of {trousers} covers {shoe} by {overlap}, and the shaft stands {ease} off the leg: the ankle is lost.",
        figures: {
          overlap: figure("overlap", -fit.gap, "cm"),
          ease: atMost("ease of the shaft", fit.ease, "cm", limits.closeEase),
          clearance: atLeast("clearance", fit.clearance, "cm", limits.roomy),
        },
        proposals: [
          { kind: "turn", piece: leg.trousers.id },
          { kind: "wear", slot: "shoe" },
        ],
        ...spokenOf(leg),
      },
    ];
  },
});
