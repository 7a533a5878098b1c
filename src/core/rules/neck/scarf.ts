import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast } from "../figures";
import type { Judgement } from "../finding";

export const neckScarf = defineRule({
  id: "neck.scarf",
  lens: "style",
  weight: 1,
  title: "A scarf and a necklace at one neck",
  why: "A scarf tied high and a chain above its edge fight for one place: one of them goes.",
  params: { apart: param(2, "cm", "how far under the scarf's edge a chain must end") },
  read({ neck }, { apart }) {
    const { scarf, scarfBelow } = neck;
    if (!scarf || scarfBelow === null) return [];
    return neck.necklaces.flatMap(({ necklace, lowest }): Judgement[] => {
      if (lowest > scarfBelow + apart) return [];
      return [
        {
          effect: "jars",
          say: "{scarf} and {necklace} share one neck (the chain ends {drop} down, the scarf {edge}): one of them goes.",
          names: { scarf: scarf.name, necklace: necklace.name },
          figures: {
            drop: atLeast("drop of the chain", lowest, "cm", scarfBelow + apart),
            edge: { label: "edge of the scarf", value: scarfBelow, unit: "cm", limit: null },
          },
          pieces: [scarf.id, necklace.id],
          proposals: [
            { kind: "take-off", piece: necklace.id },
            { kind: "take-off", piece: scarf.id },
          ],
        },
      ];
    });
  },
});
