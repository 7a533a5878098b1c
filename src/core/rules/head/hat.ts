import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import type { Judgement } from "../finding";

export const hat = defineRule({
  id: "head.hat",
  lens: "comfort",
  weight: 1,
  title: "A hat in the wind, and over a collar",
  why: "A wide brim is a sail; over a hood or a high collar it is pushed off from behind.",
  params: {
    brim: param(7, "cm", "widest brim that holds by itself in wind"),
    wind: param(8, "m/s", "wind from which it matters"),
  },
  read({ worn, look }, { brim, wind }) {
    const piece = worn.map((item) => item.piece).find((item) => item.kind === "hat");
    if (piece?.kind !== "hat") return [];
    const judgements: Judgement[] = [];
    const shared = { names: { hat: piece.name }, pieces: [piece.id] };
    const proposals = [
      { kind: "wear", slot: "hat" },
      { kind: "take-off", piece: piece.id },
    ] as const;
    const blows = look.occasion && look.occasion.wind >= wind ? look.occasion.wind : null;
    if (blows !== null && piece.figures.brim > brim && !piece.figures.pinned)
      judgements.push({
        effect: "jars",
        say: "A brim of {brim} in {wind} of wind, with nothing to hold it: {hat}.",
        figures: {
          brim: atMost("brim", piece.figures.brim, "cm", brim),
          wind: atMost("wind", blows, "m/s", wind),
        },
        proposals,
        ...shared,
      });
    const collar = [...look.garments, ...look.accessories].find(
      (item) =>
        (item.kind === "coat" || item.kind === "jacket") &&
        (item.figures.collar === "hood" || item.figures.collar === "stand"),
    );
    if (collar && piece.figures.brim > brim)
      judgements.push({
        ...shared,
        effect: "rubs",
        say: "The brim of {hat} meets the collar of {coat} behind.",
        names: { hat: piece.name, coat: collar.name },
        figures: { brim: atMost("brim over a high collar", piece.figures.brim, "cm", brim) },
        pieces: [piece.id, collar.id],
        proposals,
      });
    return judgements;
  },
});
