import { defineRule } from "../define-rule";
import { adjust } from "../proposals";

export const scarfCare = defineRule({
  id: "comfort.scarf-care",
  reads: ["neck"],
  title: "What a tied scarf may catch on",
  fault: "a scarf that may catch",
  why: "A tie that draws tight when it is pulled, and ends that hang free, are not for machines, wheels, lifts or small children. Where a place has rules of its own, they go first.",
  tags: ["neck"],
  messages: {
    tightens:
      "{scarf}, tied like this, {scarfCount, plural, one {draws} other {draw}} tight when somebody pulls: {tie}.",
    hangs: "The ends of {scarf} hang free.",
  },
  read({ tied, look }, { judge }) {
    if (!tied?.answer.possible) return [];
    const { scarf, answer } = tied;
    const { cautions, name, place } = answer.tied.spec;
    const atTheNeck = place === "neck" || place === "head";
    const shared = {
      of: { scarf },
      words: { tie: name, client: look.client.name },
      proposals: [adjust("tie", scarf)],
    };
    const caution =
      "Near machines, wheels, lifts or small children wear it tucked in or leave it off. The rules of the place go first.";
    if (cautions.includes("tightens")) return [judge("note", "tightens", { caution }, shared)];
    if (cautions.includes("loose ends") && atTheNeck) return [judge("note", "hangs", { caution }, shared)];
    return [];
  },
});
