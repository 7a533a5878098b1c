import { defineRule } from "../define-rule";
import { atLeast, figure } from "../figures";
import { bootLeg, spokenOf } from "./pair";

export const overlap = defineRule({
  id: "proportion.overlap",
  lens: "proportion",
  weight: 1,
  title: "The leg is too narrow to fall over the shaft",
  why: "A hem that overlaps a boot needs room to fall; without it, it sits on the shaft in rings.",
  params: {},
  read(dressed) {
    const met = bootLeg(dressed, "overlap");
    if (!met) return [];
    const { leg, fit } = met;
    return [
      {
        effect: "jars",
        say: "The hem of {trousers} overlaps {shoe} by {overlap} with {clearance} to spare where {needed} is needed: it cannot fall over the shaft.",
        figures: {
          overlap: figure("overlap", -fit.gap, "cm"),
          clearance: atLeast("clearance", fit.clearance, "cm", fit.needed),
          needed: figure("clearance needed", fit.needed, "cm"),
        },
        proposals: [
          { kind: "turn", piece: leg.trousers.id },
          { kind: "tuck-into-boot", piece: leg.trousers.id },
          { kind: "wear", slot: "shoe" },
        ],
        ...spokenOf(leg),
      },
    ];
  },
});
