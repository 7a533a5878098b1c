import { hangsWide } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, within } from "../figures";
import { spokenOf } from "./pair";

export const drag = defineRule({
  id: "proportion.drag",
  lens: "proportion",
  weight: 1,
  title: "The hem and the floor",
  why: "A hem needs a finger's breadth over the floor; a full-length wide or flared leg looks its longest with just that and no more.",
  params: {
    least: param(0.8, "cm", "least height over the floor"),
    rightTo: param(1.8, "cm", "full length is right up to here"),
    shortFrom: param(4, "cm", "over this a full-length leg reads short"),
  },
  read({ leg }, { least, rightTo, shortFrom }) {
    if (!leg) return [];
    const over = leg.hemAboveFloor;
    const spoken = spokenOf(leg);
    if (over < least)
      return [
        {
          effect: "jars",
          say: "The hem of {trousers} is {over} over the floor in {shoe}: it will drag.",
          proposals: [
            { kind: "wear", slot: "shoe" },
            { kind: "turn", piece: leg.trousers.id },
          ],
          caution: "A hem on the floor can be trodden on, above all on stairs.",
          figures: { over: atLeast("hem over the floor", over, "cm", least) },
          ...spoken,
        },
      ];
    const fullLength = hangsWide(leg.trousers) && leg.hem <= leg.ankleBone && !leg.turn;
    if (!fullLength) return [];
    const figures = { over: within("hem over the floor", over, "cm", least, rightTo) };
    if (over <= rightTo)
      return [
        {
          figures,
          effect: "sings",
          say: "The hem of {trousers} is {over} over the floor: its full length.",
          ...spoken,
        },
      ];
    if (over <= shortFrom)
      return [
        {
          figures,
          effect: "note",
          say: "The hem of {trousers} is {over} over the floor: it passes for full length.",
          ...spoken,
        },
      ];
    return [
      {
        figures,
        effect: "rubs",
        say: "Cut full length, the hem of {trousers} ends {over} over the floor in {shoe}: it reads short.",
        proposals: [{ kind: "wear", slot: "shoe" }],
        ...spoken,
      },
    ];
  },
});
