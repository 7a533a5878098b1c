import { toeShowing } from "../../proportion/toe-showing";
import { hangsWide } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import { wear } from "../proposals";
import { spokenOf } from "./pair";

export const toe = defineRule({
  id: "proportion.toe",
  reads: ["shoe"],
  title: "The toe under a wide hem",
  fault: "the toe under a wide hem",
  why: "A wide hem wants a toe with a direction coming out of it; a short round one disappears like a stump.",
  params: {
    least: param(2, "cm", "least toe beyond the hem"),
    most: param(6, "cm", "most toe beyond the hem"),
  },
  tags: ["hem"],
  messages: {
    round:
      "The hem of {trousers} falls wide over the round toe of {shoe}, and only {showing} of it shows. A longer toe would lead the eye out.",
    shows: "{showing} of toe shows under {trousers}: just enough.",
  },
  read({ leg, body }, { params, judge }) {
    if (!leg || !hangsWide(leg.trousers) || leg.hem > leg.ankleBone) return [];
    const shape = leg.shoe.figures.toe;
    const showing = toeShowing(body.height, shape, leg.opening);
    const facts = {
      ...spokenOf(leg),
      figures: { showing: within("toe beyond the hem", showing, "cm", [params.least, params.most]) },
      estimated: true,
    };
    if (shape === "round") return [judge("rubs", "round", { proposals: wear("shoe") }, facts)];
    if (shape === "open" || showing < params.least || showing > params.most) return [];
    return [judge("lifts", "shows", facts)];
  },
});
