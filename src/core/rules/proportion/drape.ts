import { defineRule } from "../define-rule";
import { atLeast, figure } from "../figures";
import { bootLeg, spokenOf } from "./pair";

export const drape = defineRule({
  id: "proportion.drape",
  lens: "proportion",
  weight: 1,
  title: "The hem falls over the shaft",
  why: "With room to spare the leg runs on over the boot in one line.",
  params: {},
  read(dressed) {
    const met = bootLeg(dressed, "drape");
    if (!met) return [];
    const { leg, fit } = met;
    return [
      {
        effect: "sings",
        say: "The hem of {trousers} falls over {shoe} by {overlap} with {clearance} to spare ({needed} needed): one line.",
        figures: {
          overlap: figure("overlap", -fit.gap, "cm"),
          clearance: atLeast("clearance", fit.clearance, "cm", fit.needed),
          needed: figure("clearance needed", fit.needed, "cm"),
        },
        ...spokenOf(leg),
      },
    ];
  },
});
