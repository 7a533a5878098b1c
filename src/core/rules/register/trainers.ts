import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { wear } from "../proposals";
import { trainersParams, trainersUnderTailoring } from "./trainers-meant";

export const trainers = defineRule({
  id: "register.trainers",
  reads: ["shoe", "neck"],
  title: "Trainers under tailoring",
  fault: "trainers under tailoring",
  why: "A trainer under a jacket and trousers is either a slip or a sentence; it is a sentence when the shirt and the tie are gone as well. A shoe made for running never is.",
  params: trainersParams,
  schools: ["trainers"],
  messages: {
    apart: "{shoe} under {tailored}: this rule book keeps trainers and tailoring apart.",
    meant: "{shoe} under {tailored}, with {top} instead of a shirt and tie: relaxed on purpose.",
    running:
      "{shoe} {shoeCount, plural, one {is} other {are}} made for running. Under {tailored}, it looks as if the shoes were forgotten.",
    tie: "{shoe} under {tailored}, with {tie} still at the collar: half changed.",
    half: "{shoe} under {tailored}, while {top} {topCount, plural, one {is} other {are}} still dressed up: half changed.",
  },
  read(dressed, { params, schools, judge }) {
    const met = trainersUnderTailoring(dressed);
    if (!met) return [];
    const { shoe, tailored, top, tie, meant, running } = met;
    const proposals = wear("shoe");
    if (schools.trainers === "no") return [judge("jars", "apart", { of: { shoe, tailored }, proposals })];
    if (running) return [judge("jars", "running", { of: { shoe, tailored }, proposals })];
    if (tie) return [judge("jars", "tie", { of: { shoe, tailored, tie }, proposals })];
    if (!top) return [];
    const of = { shoe, tailored, top };
    const figures = top.register
      ? { level: atMost("level of the top", top.register.centre, "step", params.dressed) }
      : {};
    return meant
      ? [judge("lifts", "meant", { of, figures })]
      : [judge("rubs", "half", { of, figures, proposals })];
  },
});
