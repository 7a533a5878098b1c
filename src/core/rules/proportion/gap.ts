import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, within } from "../figures";
import { doubtOf, hemLimitsOf } from "../../proportion/hem-limits";
import { bootLeg, isNearlyLoose, spokenOf, turnOrSwap } from "./pair";

export const gap = defineRule({
  id: "proportion.gap",
  reads: ["shoe"],
  title: "A strip of ankle between hem and boot",
  fault: "the ankle left bare",
  why: "Two to five centimetres end the leg before the boot begins and both edges look meant; more, and the leg is cut in two.",
  params: {
    singsFrom: param(2, "cm", "from here it sings"),
    singsTo: param(5.5, "cm", "up to here it sings"),
    sitsTo: param(6.5, "cm", "up to here it passes"),
    showsFrom: param(1.5, "cm", "from here anything shows at all"),
    cold: param(8, "degC", "under this a bare strip of ankle is cold"),
  },
  schools: ["ankle"],
  tags: ["hem"],
  messages: {
    much: "{gap} of leg shows between {trousers} and {shoe}: that is too much.",
    cold: "{gap} of ankle shows above {shoe}, and at {air} that is too cold.",
    covered: "{gap} of ankle shows above {shoe}, and this rule book wants it covered.",
    long: "{gap} of ankle shows above {shoe}: as much as still works.",
    little: "{gap} of ankle shows above {shoe}: just enough to look meant.",
    perhaps:
      "{gap} of ankle should show between {trousers} and {shoe}, going by the usual measures. Measure {what} to be sure.",
    clean: "{gap} of ankle shows between {trousers} and {shoe}: a clean break.",
  },
  read(dressed, { params, schools, judge }) {
    const met = bootLeg(dressed, "gap");
    if (!met) return [];
    const { leg, fit } = met;
    const spoken = spokenOf(leg);
    const limits = hemLimitsOf(dressed.look.client.ruleBook);
    const figures = { gap: within("gap", fit.gap, "cm", [params.showsFrom, params.singsTo]) };
    const proposals = turnOrSwap(leg);
    if (fit.gap > params.sitsTo) return [judge("jars", "much", { figures, proposals }, spoken)];
    const temperature = dressed.look.occasion?.temperature ?? params.cold;
    if (schools.ankle === "shown until it is cold" && temperature < params.cold) {
      const air = atLeast("air at the occasion", temperature, "degC", params.cold);
      return [judge("rubs", "cold", { figures: { air, ...figures }, proposals }, spoken)];
    }
    if (schools.ankle === "covered") return [judge("rubs", "covered", { figures, proposals }, spoken)];
    const doubt = doubtOf(leg, limits);
    const onEdge =
      fit.gap > params.sitsTo - doubt || (fit.gap < params.showsFrom + doubt && isNearlyLoose(fit, limits));
    if (fit.gap > params.singsTo) return [judge("note", "long", { figures, onEdge }, spoken)];
    if (leg.estimated) {
      const words = { what: leg.unmeasured.join(" and ") };
      const needs = dressed.body.measures.crotch.estimated ? (["crotch"] as const) : [];
      return [judge("note", "perhaps", { figures, words, onEdge, needs }, spoken)];
    }
    if (fit.gap < params.singsFrom) return [judge("note", "little", { figures, onEdge }, spoken)];
    return [judge("sings", "clean", { figures }, spoken)];
  },
});
