import { param } from "../../rule-book/params";
import type { Dressed } from "../../dressing/dressed";
import type { PieceOf } from "../../piece/piece";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { swapOrTakeOff } from "../proposals";

export const scarfHold = defineRule({
  id: "comfort.scarf-hold",
  reads: ["neck"],
  title: "A scarf laid loose",
  fault: "a scarf that slips",
  why: "Smooth cloth laid over the shoulders slides off by itself, and in wind it keeps nothing out: it wants a knot, a turn or a pin.",
  params: { wind: param(6, "m/s", "wind from which it matters") },
  messages: {
    slips:
      "{scarf} {scarfCount, plural, one {lies} other {lie}} loose: a knot or a pin would hold {scarfCount, plural, one {it} other {them}}.",
    blows:
      "{scarf} {scarfCount, plural, one {lies} other {lie}} loose in a wind of {wind}. Wound once or knotted, {scarfCount, plural, one {it stays} other {they stay}} on and {scarfCount, plural, one {keeps} other {keep}} the neck warm.",
  },
  read({ neck: { scarf }, tied, look }, { params, judge }) {
    if (!scarf || !liesLoose(scarf, tied)) return [];
    const wind = look.occasion?.wind ?? 0;
    if (wind < params.wind) return [judge("note", "slips", { of: { scarf } })];
    const figures = { wind: atMost("wind", wind, "m/s", params.wind) };
    return [judge("rubs", "blows", { of: { scarf }, figures, proposals: swapOrTakeOff(scarf) })];
  },
});

/** Whether nothing holds a scarf: laid over, or tied in a way that slips. */
function liesLoose(scarf: PieceOf<"scarf">, tied: Dressed["tied"]): boolean {
  if (tied?.answer.possible) return tied.answer.tied.spec.cautions.includes("slips");
  return scarf.figures.worn === "draped";
}
