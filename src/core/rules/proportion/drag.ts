import { hangsWide } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, within } from "../figures";
import { adjust, wear } from "../proposals";
import { doubtOf, hemLimitsOf } from "../../proportion/hem-limits";
import { spokenOf } from "./pair";

export const drag = defineRule({
  id: "proportion.drag",
  reads: ["shoe"],
  title: "The hem and the floor",
  fault: "a hem on the floor",
  why: "A hem needs a finger's breadth over the floor; a full-length wide or flared leg looks its longest with just that and no more.",
  params: {
    least: param(0.8, "cm", "least height over the floor"),
    rightFrom: param(1.3, "cm", "from here full length is right"),
    rightTo: param(2.5, "cm", "full length is right up to here"),
    ankle: param(4.5, "cm", "a hem this near the ankle bone is of ankle length, not a short full one"),
    shortFrom: param(4, "cm", "over this a full-length leg reads short"),
  },
  tags: ["hem"],
  messages: {
    drags: "The hem of {trousers} is {over} above the floor in {shoe}: it will drag.",
    full: "The hem of {trousers} is {over} above the floor: full length, as it should be.",
    near: "The hem of {trousers} is only {over} above the floor: it works, but no lower.",
    passes: "The hem of {trousers} is {over} above the floor: it still counts as full length.",
    ankle: "The wide hem of {trousers} ends at the ankle, {over} above the floor: a length of its own.",
    short:
      "{trousers} {trousersCount, plural, one {is} other {are}} cut full length, and the hem ends {over} above the floor in {shoe}: too short.",
  },
  read({ leg, look }, { params, judge }) {
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
    const onEdge = over < params.least + doubtOf(leg, hemLimitsOf(look.client.ruleBook));
    if (!hangsWide(leg.trousers) || leg.hem > leg.ankleBone || leg.turn)
      return onEdge
        ? [
            judge(
              "note",
              "near",
              { figures: { over: atLeast("hem over the floor", over, "cm", params.least) }, onEdge },
              spoken,
            ),
          ]
        : [];
    const figures = { over: within("hem over the floor", over, "cm", [params.least, params.rightTo]) };
    if (over < params.rightFrom) return [judge("note", "near", { figures, onEdge }, spoken)];
    if (over <= params.rightTo && !leg.estimated && !leg.shoe.unsaid.includes("lift"))
      return [judge("sings", "full", { figures }, spoken)];
    const nearBone = leg.ankleBone - leg.hem <= params.ankle;
    if (over <= params.shortFrom || nearBone)
      return [judge("note", nearBone ? "ankle" : "passes", { figures, onEdge }, spoken)];
    return [judge("rubs", "short", { figures, proposals: wear("shoe") }, spoken)];
  },
});
