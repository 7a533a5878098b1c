import { isScarfRing } from "../../piece/tied-scarf";
import { tieSpec } from "../../scarf/ties";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import { adjust, swapOrTakeOff, wear } from "../proposals";

export const scarfReach = defineRule({
  id: "comfort.scarf-reach",
  title: "A scarf long enough for its tie",
  fault: "a scarf too short to tie so",
  why: "What goes round, what the knot takes and the least tails that hold it make a length; a scarf that lacks it cannot be tied so. Two fingers must go between cloth and neck.",
  params: { air: param(4, "cm", "least air between cloth and neck: two fingers") },
  tags: ["neck"],
  messages: {
    short: "{scarf} {scarfCount, plural, one {lacks} other {lack}} {short} for this tie: {tie}.",
    fold: "{scarf} cannot be folded for this tie: {tie}.",
    ring: "{scarf} {scarfCount, plural, one {wants} other {want}} a scarf ring for this tie, and none is on: {tie}.",
    tight: "{scarf} {scarfCount, plural, one {sits} other {sit}} tight at the neck, tied like this: {tie}.",
  },
  read({ tied, look }, { params, judge }) {
    if (!tied) return [];
    const { scarf, asked, answer } = tied;
    const spec = tieSpec(asked.tie);
    const shared = {
      of: { scarf },
      words: { tie: spec.name },
      proposals: [adjust("tie", scarf), ...swapOrTakeOff(scarf)],
    };
    if (!answer.possible) {
      if (answer.refusal.why !== "too short") return [judge("jars", "fold", shared)];
      const figures = { short: atMost("missing length", answer.refusal.short, "cm", 0) };
      return [judge("jars", "short", { figures, needs: spec.round === "neck" ? ["neck"] : [] }, shared)];
    }
    if (spec.needs.includes("ring") && !look.accessories.some(isScarfRing))
      return [judge("rubs", "ring", { proposals: [...wear("brooch"), adjust("tie", scarf)] }, shared)];
    const { air } = answer.tied;
    if (spec.place !== "neck" || spec.knot === "none" || air >= params.air) return [];
    const figures = { air: atLeast("air inside", air, "cm", params.air) };
    return [judge("rubs", "tight", { figures, needs: ["neck"] }, shared)];
  },
});
