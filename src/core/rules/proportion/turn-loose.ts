import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { adjust } from "../proposals";
import { spokenOf } from "./pair";

export const turnLoose = defineRule({
  id: "proportion.turn-loose",
  reads: ["shoe"],
  title: "A turn-up on a loose leg",
  fault: "a turn-up on a loose leg",
  why: "On a leg much wider than the ankle the doubled cloth stands out as bulk, unless the piece was made to be rolled.",
  params: { most: param(1.75, "ratio", "opening over the leg's girth, from which it is loose") },
  tags: ["hem"],
  messages: {
    unread: "Measure the leg, and this will say whether the turn-up is bulky.",
    bulk: "The turned hem is {ratio} times as wide as the leg in it: bulky at the ankle.",
  },
  read({ leg, body }, { params, judge }) {
    if (!leg?.turn || leg.trousers.figures.madeToTurn) return [];
    if (leg.girthAtHem === null)
      return [judge("unread", "unread", { needs: body.missingLeg }, spokenOf(leg))];
    const ratio = leg.opening / leg.girthAtHem;
    if (ratio < params.most) return [];
    return [
      judge(
        "jars",
        "bulk",
        {
          figures: { ratio: atMost("opening over the leg's girth", ratio, "ratio", params.most) },
          proposals: [adjust("turn", leg.trousers)],
        },
        spokenOf(leg),
      ),
    ];
  },
});
