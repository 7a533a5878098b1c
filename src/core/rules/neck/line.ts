import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { figure, atLeast } from "../figures";
import type { Judgement } from "../finding";

export const neckLine = defineRule({
  id: "neck.line",
  lens: "proportion",
  weight: 1,
  title: "A necklace and the neckline",
  why: "A pendant on the edge of the cloth slips in and out of it; well inside it lies on skin, well below it lies on cloth, and both look decided.",
  params: {
    near: param(1.5, "cm", "this near the edge it jars"),
    inside: param(2, "cm", "this far above the edge it lies on skin"),
    below: param(3, "cm", "this far below the edge it lies on cloth"),
    long: param(20, "cm", "least drop over a high neck"),
  },
  read({ neck, body }, { near, inside, below, long }) {
    const { edge, necklaces } = neck;
    if (!edge) return [];
    return necklaces.flatMap(({ necklace, lowest }): Judgement[] => {
      const past = lowest - edge.below;
      const shared = {
        names: { necklace: necklace.name, garment: edge.piece.name },
        pieces: [necklace.id, edge.piece.id],
        estimated: edge.estimated || body.measures.neck.estimated,
      };
      const proposals = [
        { kind: "double", piece: necklace.id },
        { kind: "wear", slot: "necklace" },
        { kind: "take-off", piece: necklace.id },
      ] as const;
      if (edge.high) {
        const figures = { drop: atLeast("drop", lowest, "cm", long) };
        return lowest >= long
          ? [
              {
                figures,
                effect: "lifts",
                say: "Over the high neck of {garment} the long drop of {drop} hangs free: {necklace}.",
                ...shared,
              },
            ]
          : [
              {
                figures,
                effect: "jars",
                say: "Over the high neck of {garment} a drop of {drop} is too short: {necklace}.",
                proposals,
                ...shared,
              },
            ];
      }
      const figures = {
        drop: figure("drop", lowest, "cm"),
        edge: figure("edge of the neckline", edge.below, "cm"),
      };
      if (Math.abs(past) <= near)
        return [
          {
            ...shared,
            figures: { past: atLeast("from the edge", Math.abs(past), "cm", near), ...figures },
            effect: "jars",
            say: "At {drop}, the end of {necklace} is on the very edge of {garment} ({edge}): in and out of the cloth.",
            proposals,
          },
        ];
      if (past <= -inside)
        return [
          {
            figures,
            effect: "sings",
            say: "At {drop} on the skin, inside the neckline of {garment} ({edge}): {necklace}.",
            ...shared,
          },
        ];
      if (past >= below)
        return [
          {
            figures,
            effect: "sings",
            say: "At {drop} on the cloth, clear of the neckline of {garment} ({edge}): {necklace}.",
            ...shared,
          },
        ];
      return [
        {
          figures,
          effect: "note",
          say: "At {drop}, near the neckline of {garment} ({edge}), it passes: {necklace}.",
          ...shared,
        },
      ];
    });
  },
});
