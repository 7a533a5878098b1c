import { toeShowing } from "../../proportion/toe-showing";
import { hangsWide } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import { spokenOf } from "./pair";

export const toe = defineRule({
  id: "proportion.toe",
  lens: "proportion",
  weight: 1,
  title: "The toe under a wide hem",
  why: "A wide hem wants a toe with a direction coming out of it; a short round one disappears like a stump.",
  params: {
    least: param(2, "cm", "least toe beyond the hem"),
    most: param(6, "cm", "most toe beyond the hem"),
  },
  read({ leg, body }, { least, most }) {
    if (!leg || !hangsWide(leg.trousers) || leg.hem > leg.ankleBone) return [];
    const shape = leg.shoe.figures.toe;
    const showing = toeShowing(body.height, shape, leg.opening);
    const shared = {
      ...spokenOf(leg),
      figures: { showing: within("toe beyond the hem", showing, "cm", least, most) },
      estimated: true,
    };
    if (shape === "round")
      return [
        {
          effect: "rubs",
          say: "The hem of {trousers} falls wide over the round toe of {shoe} ({showing} shows): a longer toe would lead the eye out.",
          proposals: [{ kind: "wear", slot: "shoe" }],
          ...shared,
        },
      ];
    if (shape === "open" || showing < least || showing > most) return [];
    return [
      { effect: "lifts", say: "{showing} of toe comes out from under {trousers}: just enough.", ...shared },
    ];
  },
});
