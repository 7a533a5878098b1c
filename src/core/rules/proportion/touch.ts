import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import { hemLimitsOf } from "../../proportion/hem-limits";
import { bootLeg, spokenOf } from "./pair";

export const touch = defineRule({
  id: "proportion.touch",
  lens: "proportion",
  weight: 1,
  title: "The hem just touches a close shaft",
  why: "On a shaft that fits the leg a hem may touch: nothing catches, but the edge looks undecided.",
  params: {},
  read(dressed) {
    const met = bootLeg(dressed, "touch");
    if (!met) return [];
    const limits = hemLimitsOf(dressed.look.client.ruleBook);
    return [
      {
        effect: "note",
        say: "The hem of {trousers} just touches {shoe} (gap {gap}, shaft {ease} off the leg): it passes.",
        figures: {
          gap: atLeast("gap", met.fit.gap, "cm", limits.showsFrom),
          ease: atMost("ease of the shaft", met.fit.ease, "cm", limits.closeEase),
        },
        proposals: [{ kind: "turn", piece: met.leg.trousers.id }],
        ...spokenOf(met.leg),
      },
    ];
  },
});
