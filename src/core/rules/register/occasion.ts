import { levelWord } from "../../register/ladder";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import { wear } from "../proposals";
import { codeMessages, dressCode } from "./dress-code";
import { isOpen, noHope, surely, type Outlook } from "../outlook";

export const occasion = defineRule({
  id: "register.occasion",
  reads: "everything",
  title: "The level of the look and of the occasion",
  fault: "a look wrong for the day",
  why: "Everyone in the room reads the level first: a step out is noticed, two are talked about. What the dress code forbids is not a matter of taste.",
  params: {
    tolerance: param(0.25, "step", "how far outside still counts as inside"),
    bare: param(0.4, "share", "part of the leg that may stay bare where hosiery is expected"),
    doubt: param(0.5, "step", "how far a level may be misjudged"),
  },
  messages: {
    ...codeMessages,
    right: "The look is {word}: right for {occasion}.",
    below: "The look is {word}: not dressed enough for {occasion}.",
    above: "The look is {word}: too dressed for {occasion}.",
  },
  read(dressed, { params, judge }) {
    const { look, level } = dressed;
    if (!look.occasion || level === null) return [];
    const { span, flags, name } = look.occasion;
    const barred = flags.flatMap((flag) => {
      const { breaks, mend } = dressCode[flag];
      return breaks(dressed, params).map((piece) =>
        judge("bar", flag, {
          ...(piece && { of: { piece } }),
          words: { occasion: name },
          proposals: mend(piece),
        }),
      );
    });
    const outside = Math.max(span.low - level, level - span.high);
    const steps = Math.max(0, Math.ceil(outside - params.tolerance));
    const facts = {
      figures: { level: within("level", level, "step", [span.low, span.high]) },
      words: { occasion: name, word: levelWord(level) },
    };
    if (steps === 0) return [...barred, judge("lifts", "right", facts)];
    const proposals = wear("shoe", "bag", "layer");
    const message = level < span.low ? "below" : "above";
    // A level is good to half a step: nearer than that to what jars it may already do so.
    const onEdge = outside - params.tolerance > 1 - params.doubt;
    return [...barred, judge(steps === 1 ? "rubs" : "jars", message, { proposals, onEdge }, facts)];
  },
  hope(outlook, { params, said }) {
    const { occasion: asked } = outlook.on.look;
    if (!asked) return noHope;
    const barred = said().filter(({ effect, message }) => effect === "bar" && !mayHeal(outlook, message));
    const { faults } = surely(barred);
    const level = outlook.levels(null);
    if (!level) return { faults, praise: ["lifts"] };
    const outside = Math.max(asked.span.low - level.high, level.low - asked.span.high);
    const steps = Math.max(0, Math.ceil(outside - params.tolerance));
    if (steps === 0) return { faults, praise: ["lifts"] };
    return { faults: [...faults, steps === 1 ? "rubs" : "jars"], praise: [] };
  },
});

/** Whether something may still be put on that mends what breaks a dress code. */
function mayHeal(outlook: Outlook, flag: string): boolean {
  if (flag === "covered shoulders") return isOpen(outlook, "neck");
  if (flag === "hosiery expected") return isOpen(outlook, "hosiery", "shoe");
  return flag === "head covered" && isOpen(outlook, "hat", "neck");
}
