import { defineRule } from "../define-rule";
import { atLeast, figure } from "../figures";
import { bootLeg, spokenOf } from "./pair";

export const drape = defineRule({
  id: "proportion.drape",
  title: "The hem falls over the shaft",
  why: "With room to spare the leg runs on over the boot in one line.",
  tags: ["hem"],
  messages: {
    falls:
      "The hem of {trousers} falls over {shoe} by {overlap} with {clearance} to spare ({needed} needed): one line.",
  },
  read(dressed, { judge }) {
    const met = bootLeg(dressed, "drape");
    if (!met) return [];
    const { leg, fit } = met;
    return [
      judge(
        "sings",
        "falls",
        {
          figures: {
            overlap: figure("overlap", -fit.gap, "cm"),
            clearance: atLeast("clearance", fit.clearance, "cm", fit.needed),
            needed: figure("clearance needed", fit.needed, "cm"),
          },
        },
        spokenOf(leg),
      ),
    ];
  },
});
