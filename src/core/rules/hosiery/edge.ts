import type { Dressed, WornOf } from "../../dressing/dressed";
import { isKind, isTrainer } from "../../piece/piece";
import { isSock } from "../../hosiery/socks";
import { param } from "../../rule-book/params";
import { wearsNear } from "../colour/joined-tones";
import { defineRule } from "../define-rule";
import { atLeast, atMost, figure } from "../figures";
import { swapOrTakeOff } from "../proposals";
import { hopeFor, isOpen, noHope, surely } from "../outlook";

export const edge = defineRule({
  id: "hosiery.edge",
  reads: "everything",
  title: "Where a sock ends",
  fault: "the end of the sock",
  why: "A tab of sock over the shoe looks like a slip; a sock that is meant shows a hand's breadth and answers another colour.",
  params: {
    tab: param(3, "cm", "up to this much of a sock looks like a tab"),
    shown: param(5, "cm", "least sock that looks meant"),
    seen: param(0.5, "cm", "how far under the hem a sock's end must lie to be seen"),
    echo: param(12, "dE", "how near another swatch must come to answer the sock"),
    work: param(5, "step", "an occasion that reaches this level is work for a trainer"),
  },
  schools: ["socks"],
  tags: ["leg"],
  messages: {
    tab: "{visible} of {hosiery} shows above {shoe}, like a tab.",
    hidden: "{visible} of {hosiery} shows above {shoe}, and this rule book hides socks.",
    tube: "{hosiery} {hosieryCount, plural, one {comes} other {come}} up out of {shoe}. At {occasion} no sock should show above a trainer.",
    little: "Only {visible} of {hosiery} shows: too little to look meant.",
    alone:
      "{visible} of {hosiery} shows, and nothing else in the look repeats it. A lace, a sole or a shirt might.",
    meant: "{visible} of {hosiery} shows on purpose, and picks up {answer}.",
  },
  read(dressed, { params, schools, judge }) {
    const { hosiery, shoe, bareLeg: leg } = dressed;
    if (!hosiery || !leg || !isSock(hosiery.piece)) return [];
    const visible = Math.min(hosiery.extent.to, leg.to) - leg.from;
    if (visible <= 0) return [];
    const ends = hosiery.extent.to < leg.to - params.seen;
    const facts = { of: { hosiery, shoe: shoe ?? "the shoe" }, about: [hosiery] };
    const proposals = swapOrTakeOff(hosiery.piece);
    const { occasion } = dressed.look;
    const atWork = occasion !== null && occasion.span.high >= params.work;
    if (
      schools.socks === "hidden" &&
      !ends &&
      atWork &&
      shoe &&
      isTrainer(shoe.piece) &&
      isBareAbove(dressed)
    ) {
      const figures = { visible: atMost("sock over the shoe", visible, "cm", 0) };
      const words = { occasion: occasion.name };
      return [judge("jars", "tube", { figures, words, proposals }, facts)];
    }
    if (schools.socks === "hidden") {
      if (!ends) return [];
      const figures = { visible: atMost("sock over the shoe", visible, "cm", 0) };
      const tab = visible <= params.tab;
      return [judge(tab ? "jars" : "rubs", tab ? "tab" : "hidden", { figures, proposals }, facts)];
    }
    const figures = { visible: atLeast("sock that shows", visible, "cm", params.shown) };
    if (visible < params.shown)
      return [judge(ends ? "jars" : "rubs", "little", { figures, proposals }, facts)];
    const answer = answerTo(dressed, hosiery, params.echo);
    if (!answer) return [judge("rubs", "alone", { figures, proposals }, facts)];
    return [
      judge(
        "lifts",
        "meant",
        {
          of: { ...facts.of, answer },
          figures: { ...figures, meant: figure("least that looks meant", params.shown, "cm") },
        },
        facts,
      ),
    ];
  },
  hope(outlook, { schools, said }) {
    if (isOpen(outlook, "shoe", "hosiery"))
      return schools.socks !== "hidden" &&
        outlook.all.some(({ piece }) => isKind(piece, "hosiery") && isSock(piece))
        ? hopeFor("lifts")
        : noHope;
    const [first] = said();
    if (!first) return noHope;
    return first.message === "alone" || first.message === "meant" ? hopeFor("lifts") : surely([first]);
  },
});

/** Whether the sock is seen at all between shoe and hem. */
function isBareAbove({ bareLeg }: Dressed): boolean {
  return bareLeg !== null && bareLeg.to - bareLeg.from > 0;
}

/** What else is seen in the colour of a sock. */
function answerTo({ visible }: Dressed, sock: WornOf<"hosiery">, within: number) {
  const ground = sock.profile.ground?.shade;
  return ground && visible.find((other) => other !== sock && wearsNear(other, ground, within));
}
