import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, within } from "../figures";
import { bootLeg, spokenOf } from "./pair";

export const gap = defineRule({
  id: "proportion.gap",
  lens: "proportion",
  weight: 1,
  title: "A strip of ankle between hem and boot",
  why: "Two to five centimetres end the leg before the boot begins and both edges look meant; more, and the leg is cut in two.",
  params: {
    sweetFrom: param(2.5, "cm", "from here the strip is at its best"),
    singsTo: param(5.5, "cm", "up to here it sings"),
    sitsTo: param(6.5, "cm", "up to here it passes"),
    showsFrom: param(1.5, "cm", "from here anything shows at all"),
    cold: param(8, "degC", "under this a bare strip of ankle is cold"),
  },
  schools: ["ankle"],
  read(dressed, { singsTo, sitsTo, showsFrom, cold }, schools) {
    const met = bootLeg(dressed, "gap");
    if (!met) return [];
    const { leg, fit } = met;
    const figures = { gap: within("gap", fit.gap, "cm", showsFrom, singsTo) };
    const shared = { figures, ...spokenOf(leg) };
    if (fit.gap > sitsTo)
      return [
        {
          effect: "jars",
          say: "{gap} between {trousers} and {shoe}: too much leg between hem and boot.",
          proposals: [
            { kind: "turn", piece: leg.trousers.id },
            { kind: "wear", slot: "shoe" },
          ],
          ...shared,
        },
      ];
    const temperature = dressed.look.occasion?.temperature ?? cold;
    const tooCold = schools.ankle === "shown until it is cold" && temperature < cold;
    if (schools.ankle === "covered" || tooCold)
      return [
        {
          ...shared,
          ...(tooCold && {
            figures: { air: atLeast("air at the occasion", temperature, "degC", cold), ...figures },
          }),
          effect: "rubs",
          say: tooCold
            ? "{gap} of ankle shows over {shoe} at {air}: too cold for it."
            : "{gap} of ankle shows over {shoe}, and this rule book wants it covered.",
          proposals: [
            { kind: "turn", piece: leg.trousers.id },
            { kind: "wear", slot: "shoe" },
          ],
        },
      ];
    if (fit.gap > singsTo)
      return [
        { effect: "note", say: "{gap} between hem and {shoe}: at the long end, it passes.", ...shared },
      ];
    return [
      { effect: "sings", say: "{gap} between {trousers} and {shoe}: a clean strip of ankle.", ...shared },
    ];
  },
});
