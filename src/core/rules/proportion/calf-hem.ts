import type { PieceOf } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, figure } from "../figures";
import { wear } from "../proposals";

export const calfHem = defineRule({
  id: "proportion.calf-hem",
  reads: ["shoe"],
  title: "A hem at the widest calf",
  fault: "a hem at the widest calf",
  why: "A hem that ends where the calf is widest draws its line just there; a heel, an open or pointed shoe, or a boot that closes the gap takes the eye on.",
  params: {
    near: param(3, "cm", "how near the widest calf it matters"),
    heel: param(4, "cm", "lift that mends it"),
  },
  tags: ["hem"],
  messages: {
    carried:
      "The hem of {skirt} ends near the widest part of the calf, and {shoe} {shoeCount, plural, one {carries} other {carry}} the line on.",
    cut: "The hem of {skirt} ends at the widest part of the calf, and makes the leg look wider there.",
  },
  read({ skirt, shoe: worn, bareLeg, body }, { params, judge }) {
    if (!skirt || Math.abs(skirt.overCalf) > params.near) return [];
    const over = atLeast("from the widest calf", Math.abs(skirt.overCalf), "cm", params.near);
    const facts = { about: [skirt.garment], estimated: body.measures.calfLine.estimated };
    const of = { skirt: skirt.garment };
    const shoe = worn?.piece;
    if (shoe && carriesOn(shoe, params.heel, bareLeg === null)) {
      const figures = { lift: figure("lift", shoe.figures.lift, "cm"), over };
      return [judge("note", "carried", { of: { ...of, shoe }, figures }, facts)];
    }
    return [judge("rubs", "cut", { of, figures: { over }, proposals: wear("shoe") }, facts)];
  },
});

const openVamps: ReadonlySet<string> = new Set(["pump", "flat", "slingback", "mule", "sandal"]);

function carriesOn({ figures }: PieceOf<"shoe">, heel: number, covered: boolean): boolean {
  const { lift, toe, form, shaft } = figures;
  return lift >= heel || toe === "pointed" || openVamps.has(form) || (shaft !== null && covered);
}
