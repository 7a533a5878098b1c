import { finishes } from "../../finish/finishes";
import type { Dressed } from "../../dressing/dressed";
import { isSock } from "../../hosiery/socks";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import { wear } from "../proposals";

export const opacity = defineRule({
  id: "hosiery.opacity",
  reads: "everything",
  title: "How sheer the hosiery is",
  fault: "hosiery too sheer or thick",
  why: "Sheer belongs to dressy cloth and mild air, opaque to boots, knits and cold; across the two each looks borrowed.",
  params: {
    dressy: param(6.5, "step", "level from which hosiery is sheer"),
    casual: param(4.5, "step", "level under which it is opaque"),
    band: param(0.5, "step", "how much further it is only worth a word"),
    cold: param(8, "degC", "air under which opaque is right at any level"),
    boot: param(10, "cm", "shaft from which a shoe is a boot that asks for opaque"),
    heavyKnit: param(112, "cm", "body of a knit, around, over which it is a heavy one"),
    sheerFrom: param(8, "den", "lower end of sheer"),
    sheerTo: param(20, "den", "upper end of sheer"),
    opaqueFrom: param(60, "den", "lower end of opaque"),
    opaqueTo: param(130, "den", "over this it is a knit, judged with the knits"),
  },
  tags: ["leg"],
  messages: {
    opaque: "{hosiery} {hosieryCount, plural, one {is} other {are}} too opaque for so dressy a look.",
    underKnit: "Hosiery of {denier} is too sheer under {knit}: two different seasons.",
    sheer:
      "{hosiery} {hosieryCount, plural, one {is} other {are}} too sheer for boots, for the cold or for so relaxed a look.",
  },
  read(dressed, { params, judge }) {
    const { hosiery, level, look } = dressed;
    if (!hosiery || isSock(hosiery.piece) || level === null || !dressed.bareLeg) return [];
    const { denier } = hosiery.piece.figures;
    if (denier > params.opaqueTo) return [];
    const air = look.occasion?.temperature ?? null;
    const knit = heavyKnit(dressed, params.heavyKnit);
    const booted = (dressed.shoe?.piece.figures.shaft ?? 0) >= params.boot;
    const opaqueRight =
      (air !== null && air < params.cold) || level < params.casual || booted || knit !== undefined;
    const proposals = wear("hosiery");
    if (!opaqueRight && level >= params.dressy && denier > params.opaqueFrom) {
      const figures = { denier: within("denier", denier, "den", [params.sheerFrom, params.sheerTo]) };
      return [
        judge(level >= params.dressy + params.band ? "rubs" : "note", "opaque", {
          of: { hosiery },
          figures,
          proposals,
        }),
      ];
    }
    if (!opaqueRight || denier > params.sheerTo) return [];
    const figures = { denier: within("denier", denier, "den", [params.opaqueFrom, params.opaqueTo]) };
    const plainly = booted || (air !== null && air < params.cold) || level < params.casual - params.band;
    if (!knit) return [judge(plainly ? "rubs" : "note", "sheer", { of: { hosiery }, figures, proposals })];
    const facts = { of: { hosiery, knit }, about: [hosiery], figures, proposals };
    return [judge("note", "underKnit", facts)];
  },
});

/** A heavy knit or pile over the legs, if there is one. */
function heavyKnit({ worn }: Dressed, girth: number) {
  return worn.find(
    ({ piece, slot }) =>
      slot === null &&
      (finishes[piece.finish].kin === "pile" ||
        (piece.kind === "top" && piece.finish === "knit" && piece.figures.bodyGirth > girth)),
  );
}
