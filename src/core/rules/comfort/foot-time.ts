import { adjustmentOn } from "../../piece/adjustment";
import { carriedOf } from "../../place/carried";
import { footBudget, pitchOf } from "../../place/foot-time";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import { adjust, wear } from "../proposals";

const caution = "Where feet hurt, swell or go numb, stop, and ask a clinician.";

export const footTime = defineRule({
  id: "comfort.foot-time",
  reads: ["shoe"],
  title: "How long these shoes are walked and stood in",
  fault: "too long on these heels",
  why: "The steeper the foot stands, the sooner it tires: every 2.5 cm of pitch halve the time. A narrow tip halves it again; a shoe that does not hold the heel takes a quarter, an insole gives one.",
  params: {
    twice: param(2, "ratio", "how many times longer than a shoe is good for is out of the question"),
  },
  tags: ["place"],
  messages: {
    long: "{shoe} {shoeCount, plural, one {is} other {are}} good for about {budget} on foot, and {occasion} takes {minutes}.",
    far: "{shoe} {shoeCount, plural, one {is} other {are}} good for about {budget} on foot: {occasion}, with {minutes}, is out of the question in them.",
  },
  read({ look, shoe: worn }, { params, judge }) {
    const { occasion, adjustments, client } = look;
    if (!occasion || !worn || client.seated) return [];
    // Whoever has flat shoes along walks in those.
    if (carriedOf(look).includes("flat shoes")) return [];
    const shoe = worn.piece;
    const budget = footBudget(shoe, adjustmentOn(adjustments, "insole", shoe.id) !== null);
    if (occasion.onFoot <= budget) return [];
    const isFar = occasion.onFoot > params.twice * budget;
    return [
      judge(isFar ? "jars" : "rubs", isFar ? "far" : "long", {
        ...(isFar ? { caution } : {}),
        of: { shoe },
        words: { occasion: occasion.name },
        figures: {
          minutes: atMost("minutes on foot", occasion.onFoot, "min", budget),
          budget: figure("what they are good for", Math.round(budget / 5) * 5, "min"),
          pitch: figure("heel less platform", pitchOf(shoe), "cm"),
        },
        proposals: [adjust("insole", shoe), ...wear("shoe"), adjust("spare-pair", shoe)],
      }),
    ];
  },
});
