import { hangsWide, isTrainer } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import { doubtOf, hemLimitsOf } from "../../proportion/hem-limits";
import { spokenOf, turnOrSwap } from "./pair";

export const lowShoe = defineRule({
  id: "proportion.low-shoe",
  reads: ["shoe"],
  title: "The hem over a low shoe",
  fault: "the break at the shoe",
  why: "A hem ends clear of the ankle bone, hangs just to the shoe, or breaks on it once; the more cloth gathers there, the shorter and heavier the leg looks. At work a trainer wants its hem clear.",
  params: {
    clear: param(0.5, "cm", "this far above the ankle bone the hem is clear of it"),
    noBreak: param(2.5, "cm", "up to this far below the bone it hangs without a break"),
    slight: param(4.5, "cm", "up to this far it breaks slightly"),
    full: param(7, "cm", "up to this far it breaks once, fully"),
    gathers: param(8.5, "cm", "up to this far it gathers; beyond, it is too long"),
    heel: param(4, "cm", "lift over which a full break sits well"),
    work: param(5, "step", "an occasion that reaches this level is work for a trainer"),
  },
  tags: ["hem"],
  messages: {
    clear: "The hem of {trousers} ends {above} above the ankle bone, clear of {shoe}.",
    meets: "The hem of {trousers} hangs straight to {shoe}, without a break.",
    tailored: "The hem of {trousers} just meets {shoe} without a break: the cleanest length for tailoring.",
    slight: "The hem of {trousers} breaks slightly on {shoe}.",
    full: "The hem of {trousers} breaks once on {shoe}.",
    narrow:
      "{trousers} {trousersCount, plural, one {is} other {are}} narrow and a little long: the leg breaks on {shoe}.",
    gathers: "The hem of {trousers} gathers on {shoe}: it is a little long.",
    long: "The hem of {trousers} is too long for {shoe}: it lies {below} below the ankle bone.",
    work: "The hem of {trousers} breaks over {shoe}. For {occasion}, the hem should clear a trainer.",
  },
  read({ leg, look }, { params, judge }) {
    if (!leg || leg.isBoot || leg.isBare) return [];
    const below = leg.ankleBone - leg.hem;
    const spoken = spokenOf(leg);
    if (below <= -params.clear) {
      const figures = { above: figure("hem above the ankle bone", -below, "cm") };
      return [judge("lifts", "clear", { figures }, spoken)];
    }
    if (hangsWide(leg.trousers)) return [];
    const { noBreak, slight, full, gathers, heel, work } = params;
    const figures = { below: atMost("hem below the ankle bone", below, "cm", noBreak) };
    const proposals = turnOrSwap(leg);
    const { occasion } = look;
    const doubt = doubtOf(leg, hemLimitsOf(look.client.ruleBook));
    if (below > noBreak && isTrainer(leg.shoe) && occasion && occasion.span.high >= work) {
      const own = { figures, proposals, words: { occasion: occasion.name } };
      const onEdge = below > slight - doubt;
      return [judge(below > slight ? "jars" : "rubs", "work", { ...own, onEdge }, spoken)];
    }
    if (below <= noBreak) {
      const tailored = leg.trousers.poles.includes("tailored");
      return [judge(tailored ? "lifts" : "note", tailored ? "tailored" : "meets", { figures }, spoken)];
    }
    if (below <= slight) return [judge("note", "slight", { figures }, spoken)];
    if (below <= full)
      return leg.lift >= heel
        ? [judge("note", "full", { figures }, spoken)]
        : [judge("rubs", "narrow", { figures, proposals }, spoken)];
    if (below <= gathers)
      return [judge("rubs", "gathers", { figures, proposals, onEdge: below > gathers - doubt }, spoken)];
    return [judge("jars", "long", { figures, proposals }, spoken)];
  },
});
