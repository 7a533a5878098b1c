import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { wear } from "../proposals";
import { trainersParams, trainersUnderTailoring } from "./trainers-meant";

export const trainers = defineRule({
  id: "register.trainers",
  title: "Trainers under tailoring",
  why: "A trainer under a suit is either a slip or a sentence; it is a sentence when the shirt and the tie are gone as well.",
  params: trainersParams,
  schools: ["trainers"],
  messages: {
    apart: "{shoe} under {tailored}: this rule book keeps them apart.",
    meant:
      "{shoe} under {tailored}, and {top} {topCount, plural, one {leans} other {lean}} the same way: meant.",
    half: "{shoe} under {tailored} while {top} {topCount, plural, one {is} other {are}} still dressed up: half changed.",
  },
  read(dressed, { params, schools, judge }) {
    const met = trainersUnderTailoring(dressed);
    if (!met) return [];
    const { shoe, tailored, top, meant } = met;
    const of = { shoe, tailored, top: top ?? "the top" };
    const proposals = wear("shoe");
    if (schools.trainers === "no") return [judge("jars", "apart", { of, proposals })];
    const figures = top && { level: atMost("level of the top", top.register.centre, "step", params.dressed) };
    const facts = { of, ...(figures && { figures }) };
    return meant ? [judge("lifts", "meant", facts)] : [judge("jars", "half", { proposals }, facts)];
  },
});
