import { isSock } from "../../hosiery/socks";
import type { Piece } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast } from "../figures";

export const ladder = defineRule({
  id: "care.ladder",
  reads: ["bag", "hosiery"],
  title: "What catches sheer hosiery",
  fault: "a ladder in the hosiery",
  why: "Studs, chains and rough weaves at the height of the hand ladder fine hosiery within the hour.",
  params: { fine: param(40, "den", "hosiery finer than this ladders easily") },
  messages: {
    catches:
      "{rough} may catch {hosiery}. Carry {roughCount, plural, one {it} other {them}} on the other side, or take a spare pair.",
  },
  read({ hosiery, worn }, { params, judge }) {
    if (!hosiery || isSock(hosiery.piece) || hosiery.piece.figures.denier >= params.fine) return [];
    const rough = worn.find(({ piece }) => isRough(piece));
    if (!rough) return [];
    const figures = { denier: atLeast("denier", hosiery.piece.figures.denier, "den", params.fine) };
    return [judge("note", "catches", { of: { rough, hosiery }, figures })];
  },
});

/** A bag with a chain or studs, or woven of straw, is at the height where the leg brushes it. */
function isRough(piece: Piece): boolean {
  if (piece.kind !== "bag") return false;
  return piece.figures.strapMade === "chain" || piece.finish === "stud" || piece.finish === "raffia";
}
