import { difference } from "../../colour/difference";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost, figure } from "../figures";
import { hosieryOf, isSock } from "./worn";

export const edge = defineRule({
  id: "hosiery.edge",
  lens: "hosiery",
  weight: 1,
  title: "Where a sock ends",
  why: "A tab of sock over the shoe looks like a slip; a sock that is meant shows a hand's breadth and answers another colour.",
  params: {
    tab: param(3, "cm", "up to this much of a sock looks like a tab"),
    shown: param(5, "cm", "least sock that looks meant"),
    seen: param(0.5, "cm", "how far under the hem a sock's end must lie to be seen"),
    echo: param(12, "dE", "how near another swatch must come to answer the sock"),
  },
  schools: ["socks"],
  read(dressed, { tab, shown, seen, echo }, schools) {
    const met = hosieryOf(dressed);
    const leg = dressed.bareLeg;
    if (!met || !leg || !isSock(met.hosiery)) return [];
    const { hosiery, item, shoePiece } = met;
    const visible = Math.min(item.extent.to, leg.to) - leg.from;
    const ends = item.extent.to < leg.to - seen;
    const names = { hosiery: hosiery.name, shoe: shoePiece?.name ?? "the shoe" };
    const shared = { names, pieces: [hosiery.id] };
    const proposals = [
      { kind: "wear", slot: "hosiery" },
      { kind: "take-off", piece: hosiery.id },
    ] as const;
    if (visible <= 0) return [];
    if (schools.socks === "hidden") {
      if (!ends) return [];
      const figures = { visible: atMost("sock over the shoe", visible, "cm", 0) };
      return [
        {
          figures,
          effect: visible <= tab ? "jars" : "rubs",
          say:
            visible <= tab
              ? "A tab of {visible} of {hosiery} shows over {shoe}."
              : "{visible} of {hosiery} shows over {shoe}, and this rule book hides socks.",
          proposals,
          ...shared,
        },
      ];
    }
    const figures = { visible: atLeast("sock that shows", visible, "cm", shown) };
    if (visible < shown)
      return [
        {
          figures,
          effect: ends ? "jars" : "rubs",
          say: "Only {visible} of {hosiery} shows: too little to look meant.",
          proposals,
          ...shared,
        },
      ];
    const ground = item.profile.ground?.shade;
    const answer = dressed.visible.find(
      (other) =>
        other !== item &&
        ground &&
        other.profile.tints.some((tint) => difference(tint.shade, ground) <= echo),
    );
    if (!answer)
      return [
        {
          figures,
          effect: "rubs",
          say: "{visible} of {hosiery} shows and answers nothing: a lace, a sole or a shirt might.",
          proposals,
          ...shared,
        },
      ];
    return [
      {
        ...shared,
        figures: { meant: figure("least that looks meant", shown, "cm"), ...figures },
        names: { answer: answer.piece.name, ...names },
        effect: "lifts",
        say: "{visible} of {hosiery} shows on purpose and answers {answer}.",
      },
    ];
  },
});
