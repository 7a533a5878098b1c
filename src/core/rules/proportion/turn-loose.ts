import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { spokenOf } from "./pair";

export const turnLoose = defineRule({
  id: "proportion.turn-loose",
  lens: "proportion",
  weight: 1,
  title: "A turn-up on a loose leg",
  why: "On a leg much wider than the ankle the doubled cloth stands out as bulk, unless the piece was made to be rolled.",
  params: { most: param(1.75, "ratio", "opening over the leg's girth, from which it is loose") },
  read({ leg, body }, { most }) {
    if (!leg?.turn || leg.trousers.figures.madeToTurn) return [];
    if (leg.girthAtHem === null)
      return [
        {
          effect: "unread",
          say: "Whether the turn-up bulks is not read: it needs the leg's girths.",
          needs: body.missingLeg,
          ...spokenOf(leg),
        },
      ];
    const ratio = leg.opening / leg.girthAtHem;
    if (ratio < most) return [];
    return [
      {
        effect: "jars",
        say: "The turned hem is {ratio} times the leg in it: bulk at the ankle.",
        figures: { ratio: atMost("opening over the leg's girth", ratio, "ratio", most) },
        proposals: [{ kind: "turn", piece: leg.trousers.id }],
        ...spokenOf(leg),
      },
    ];
  },
});
