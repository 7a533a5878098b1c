import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, figure } from "../figures";
import { hemLimitsOf } from "../../proportion/hem-limits";
import { bootLeg, isNearlyLoose, spokenOf } from "./pair";

export const drape = defineRule({
  id: "proportion.drape",
  reads: ["shoe"],
  title: "The hem falls over the shaft",
  fault: "the hem over the boot",
  why: "With room to spare the leg runs on over the boot in one line.",
  params: {
    spare: param(1, "cm", "clearance beyond what is needed from which it sings"),
    close: param(2.5, "cm", "how far a shaft may stand off for that"),
    roomy: param(17, "cm", "clearance from which a shaft may stand off further"),
    floor: param(1.3, "cm", "a hem nearer the floor than this only sits"),
    toe: param(4, "cm", "under this lift a bootee wants a toe that lengthens it"),
  },
  tags: ["hem"],
  messages: {
    falls: "The hem of {trousers} falls easily over {shoe}: one line to the floor.",
    just: "The hem of {trousers} only just falls over {shoe}: it works.",
    lengthens: "The {toe} toe of {shoe} carries the line of {trousers} on, as a low boot should.",
    stub: "{shoe} {shoeCount, plural, one {is} other {are}} low and the toe is {toe}. An almond or pointed toe would carry the line on.",
  },
  read(dressed, { params, judge }) {
    const met = bootLeg(dressed, "drape");
    if (!met) return [];
    const { leg, fit } = met;
    const spoken = spokenOf(leg);
    const limits = hemLimitsOf(dressed.look.client.ruleBook);
    const figures = {
      overlap: figure("overlap", -fit.gap, "cm"),
      clearance: atLeast("clearance", fit.clearance, "cm", fit.needed),
      needed: figure("clearance needed", fit.needed, "cm"),
    };
    const isSure =
      fit.clearance >= fit.needed + params.spare &&
      (fit.ease <= params.close || fit.clearance >= params.roomy) &&
      leg.hemAboveFloor >= params.floor &&
      !leg.estimated;
    const onEdge = isNearlyLoose(fit, limits) || fit.clearance < fit.needed + params.spare;
    const falls = judge(isSure ? "sings" : "note", isSure ? "falls" : "just", { figures, onEdge }, spoken);
    const { toe } = leg.shoe.figures;
    if (leg.lift >= params.toe || toe === "open") return [falls];
    const lengthens = toe === "almond" || toe === "pointed";
    const words = { toe };
    const line = lengthens
      ? judge("lifts", "lengthens", { words }, spoken)
      : judge("note", "stub", { words }, spoken);
    return [falls, line];
  },
});
