import type { Piece } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast } from "../figures";
import { hosieryOf, isSock } from "./worn";

export const ladder = defineRule({
  id: "hosiery.ladder",
  lens: "care",
  weight: 1,
  title: "What catches sheer hosiery",
  why: "Studs, chains and rough weaves at the height of the hand ladder fine hosiery within the hour.",
  params: { fine: param(40, "den", "hosiery finer than this ladders easily") },
  read(dressed, { fine }) {
    const met = hosieryOf(dressed);
    if (!met || isSock(met.hosiery) || met.hosiery.figures.denier >= fine) return [];
    const rough = dressed.worn.map(({ piece }) => piece).find(isRough);
    if (!rough) return [];
    return [
      {
        effect: "note",
        say: "{rough} may ladder {hosiery} ({denier}): carry it on the other side, or a spare pair.",
        names: { rough: rough.name, hosiery: met.hosiery.name },
        figures: { denier: atLeast("denier", met.hosiery.figures.denier, "den", fine) },
        pieces: [rough.id, met.hosiery.id],
      },
    ];
  },
});

/** A bag with a chain or studs, or woven of straw, is at the height where the leg brushes it. */
function isRough(piece: Piece): boolean {
  if (piece.kind !== "bag") return false;
  return piece.figures.strapMade === "chain" || piece.finish === "stud" || piece.finish === "raffia";
}
