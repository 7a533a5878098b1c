import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import { bootLeg, spokenOf, turnOrSwap } from "./pair";

export const tuck = defineRule({
  id: "proportion.tuck",
  reads: ["shoe"],
  title: "Trousers tucked into a boot",
  fault: "trousers tucked in",
  why: "A leg goes in without a bulge when it is hardly wider than the body's own, and stays in when the shaft is tall enough.",
  params: {
    excess: param(5, "cm", "most cloth beyond the leg at the shaft's top"),
    shaft: param(10, "cm", "least shaft that holds a tucked leg"),
  },
  schools: ["tuck"],
  tags: ["hem"],
  messages: {
    never:
      "This rule book never tucks trousers into boots, and here {trousers} {trousersCount, plural, one {goes} other {go}} into {shoe}.",
    bulges: "{excess} too much cloth goes into {shoe}: it bulges.",
    low: "{shoe} {shoeCount, plural, one {is} other {are}} too low to hold a tucked leg: the shaft is {shaft}.",
    smooth: "The leg of {trousers} goes smoothly into {shoe}.",
  },
  read(dressed, { params, schools, judge }) {
    const met = bootLeg(dressed, "tucked");
    if (!met) return [];
    const { leg, fit } = met;
    const facts = {
      ...spokenOf(leg),
      figures: {
        excess: atMost("cloth beyond the leg", fit.excess, "cm", params.excess),
        shaft: atLeast("shaft", fit.shaft, "cm", params.shaft),
      },
    };
    const proposals = turnOrSwap(leg);
    if (schools.tuck === "never") return [judge("jars", "never", { proposals }, facts)];
    if (fit.excess > params.excess) return [judge("jars", "bulges", { proposals }, facts)];
    if (fit.shaft < params.shaft) return [judge("jars", "low", { proposals }, facts)];
    return [judge("lifts", "smooth", facts)];
  },
});
