import { isWornSo } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import type { Finding } from "../finding";
import { swapOrTakeOff } from "../proposals";

export const hat = defineRule({
  id: "comfort.hat",
  reads: ["hat"],
  title: "A hat in the wind, and over a collar",
  fault: "a hat that will not stay",
  why: "A wide brim is a sail; over a hood or a high collar it is pushed off from behind.",
  tags: ["place"],
  params: {
    brim: param(7, "cm", "widest brim that holds by itself in wind"),
    wind: param(8, "m/s", "wind from which it matters"),
  },
  messages: {
    blows:
      "{hat} {hatCount, plural, one {has} other {have}} a brim of {brim}, with nothing to hold it in a wind of {wind}.",
    collar: "The brim of {hat} meets the collar of {coat} at the back.",
  },
  read({ worn, look }, { params, judge }) {
    const piece = worn.map((item) => item.piece).find((item) => item.kind === "hat");
    if (!piece || piece.figures.brim <= params.brim) return [];
    const { brim, pinned } = piece.figures;
    const findings: Finding[] = [];
    const proposals = swapOrTakeOff(piece);
    if (look.occasion && look.occasion.wind >= params.wind && !pinned) {
      const figures = {
        brim: atMost("brim", brim, "cm", params.brim),
        wind: atMost("wind", look.occasion.wind, "m/s", params.wind),
      };
      findings.push(judge("jars", "blows", { of: { hat: piece }, figures, proposals }));
    }
    const coat = worn.find(
      (item) =>
        (item.piece.kind === "coat" || item.piece.kind === "jacket") &&
        (item.piece.figures.collar === "hood" ||
          item.piece.figures.collar === "stand" ||
          isWornSo(item, "collar-up")),
    )?.piece;
    if (coat) {
      const figures = { brim: atMost("brim over a high collar", brim, "cm", params.brim) };
      findings.push(judge("rubs", "collar", { of: { hat: piece, coat }, figures, proposals }));
    }
    return findings;
  },
});
