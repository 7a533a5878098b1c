import { hangsWide } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, within } from "../figures";
import { adjust, wear } from "../proposals";
import { spokenOf } from "./pair";

export const drag = defineRule({
  id: "proportion.drag",
  title: "The hem and the floor",
  why: "A hem needs a finger's breadth over the floor; a full-length wide or flared leg looks its longest with just that and no more.",
  params: {
    least: param(0.8, "cm", "least height over the floor"),
    rightTo: param(1.8, "cm", "full length is right up to here"),
    shortFrom: param(4, "cm", "over this a full-length leg reads short"),
  },
  tags: ["hem"],
  messages: {
    drags: "The hem of {trousers} is {over} over the floor in {shoe}: it will drag.",
    full: "The hem of {trousers} is {over} over the floor: its full length.",
    passes: "The hem of {trousers} is {over} over the floor: it passes for full length.",
    short: "Cut full length, the hem of {trousers} ends {over} over the floor in {shoe}: it reads short.",
  },
  read({ leg }, { params, judge }) {
    if (!leg) return [];
    const over = leg.hemAboveFloor;
    const spoken = spokenOf(leg);
    if (over < params.least)
      return [
        judge(
          "jars",
          "drags",
          {
            figures: { over: atLeast("hem over the floor", over, "cm", params.least) },
            proposals: [...wear("shoe"), adjust("turn", leg.trousers)],
            caution: "A hem on the floor can be trodden on, above all on stairs.",
          },
          spoken,
        ),
      ];
    if (!hangsWide(leg.trousers) || leg.hem > leg.ankleBone || leg.turn) return [];
    const figures = { over: within("hem over the floor", over, "cm", params.least, params.rightTo) };
    if (over <= params.rightTo) return [judge("sings", "full", { figures }, spoken)];
    if (over <= params.shortFrom) return [judge("note", "passes", { figures }, spoken)];
    return [judge("rubs", "short", { figures, proposals: wear("shoe") }, spoken)];
  },
});
