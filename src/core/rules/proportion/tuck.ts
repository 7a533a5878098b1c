import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import { bootLeg, spokenOf } from "./pair";

export const tuck = defineRule({
  id: "proportion.tuck",
  lens: "proportion",
  weight: 1,
  title: "Trousers tucked into a boot",
  why: "A leg goes in without a bulge when it is hardly wider than the body's own, and stays in when the shaft is tall enough.",
  params: {
    excess: param(5, "cm", "most cloth beyond the leg at the shaft's top"),
    shaft: param(10, "cm", "least shaft that holds a tucked leg"),
  },
  schools: ["tuck"],
  read(dressed, { excess, shaft }, schools) {
    const met = bootLeg(dressed, "tucked");
    if (!met) return [];
    const { leg, fit } = met;
    const shared = {
      figures: {
        excess: atMost("cloth beyond the leg", fit.excess, "cm", excess),
        shaft: atLeast("shaft", fit.shaft, "cm", shaft),
      },
      ...spokenOf(leg),
    };
    const proposals = [
      { kind: "turn", piece: leg.trousers.id },
      { kind: "wear", slot: "shoe" },
    ] as const;
    if (schools.tuck === "never")
      return [
        {
          effect: "jars",
          say: "This rule book never tucks, and here {trousers} go into {shoe}.",
          proposals,
          ...shared,
        },
      ];
    if (fit.excess > excess)
      return [
        {
          effect: "jars",
          say: "{excess} of cloth beyond the leg goes into {shoe}: it bulges.",
          proposals,
          ...shared,
        },
      ];
    if (fit.shaft < shaft)
      return [
        {
          effect: "jars",
          say: "A shaft of {shaft} is too low to hold a tucked leg: {shoe}.",
          proposals,
          ...shared,
        },
      ];
    return [
      {
        effect: "lifts",
        say: "The leg of {trousers} goes into {shoe} with {excess} of cloth to spare: no bulge.",
        ...shared,
      },
    ];
  },
});
