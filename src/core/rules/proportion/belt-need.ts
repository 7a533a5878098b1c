import type { Dressed, Worn } from "../../dressing/dressed";
import { hasOwnBelt, hides } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { girthUnderBelt, layersUnderBelt } from "../comfort/belt-fit";
import { defineRule } from "../define-rule";
import { figure } from "../figures";
import { adjust, wear } from "../proposals";

export const beltNeed = defineRule({
  id: "proportion.belt-need",
  reads: ["belt"],
  title: "What a belt does at the waist",
  fault: "the waist",
  why: "A belt earns its place when it does something: it gives a waist to cloth that runs past it, or marks the one that was asked for. Through the loops of trousers it is merely there.",
  params: {
    ...layersUnderBelt,
    loose: param(16, "cm", "how much wider than the waist a top must be to want one"),
  },
  messages: {
    drawn: "{belt} {beltCount, plural, one {marks} other {mark}} the waist, as was asked.",
    given: "{belt} {beltCount, plural, one {gives} other {give}} {garment} a waist.",
    under:
      "{belt} {beltCount, plural, one {is} other {are}} hidden under {layer}: worn over it, the waist would be seen.",
    unmarked: "More waist was asked for, and nothing marks it: a belt would.",
  },
  read(dressed, { params, judge }) {
    const { look, worn, belt, touches, garments } = dressed;
    const wished = look.client.goals.moreWaist;
    if (belt && belt.seen.length > 0 && closes(dressed, params)) {
      if (wished) return [judge("lifts", "drawn", { of: { belt } })];
      const garment = looseMiddle(dressed, params.loose);
      if (!garment) return [];
      const figures = { waist: figure("waist under it", dressed.body.measures.waist.cm, "cm") };
      return [judge("lifts", "given", { of: { belt, garment }, figures })];
    }
    const over = belt?.seen.length === 0 ? garments.find(({ place }) => place === "layer") : undefined;
    if (wished && belt && over)
      return [
        judge("note", "under", { of: { belt, layer: over }, proposals: [adjust("belted-over", belt.piece)] }),
      ];
    if (
      !wished ||
      belt ||
      dressed.visible.some(marksWaist) ||
      touches.some(({ join }) => join === "waist") ||
      worn.length === 0
    )
      return [];
    const tucks = worn.flatMap(({ piece }) =>
      piece.kind === "top"
        ? [adjust("tuck-in", piece), adjust("half-tuck", piece), adjust("knot-front", piece)]
        : [],
    );
    return [judge("note", "unmarked", { proposals: [...wear("belt"), ...tucks] })];
  },
});

/** Whether a garment marks the waist with the belt it came with. */
function marksWaist({ asWorn }: Worn): boolean {
  return hasOwnBelt(asWorn);
}

/** Whether the belt closes over what it is worn on, as far as the waist is known. */
function closes(dressed: Dressed, layers: { readonly layer: number; readonly coat: number }): boolean {
  const figures = dressed.belt?.piece.figures;
  const girth = girthUnderBelt(dressed, layers);
  return !figures || girth === null || (girth >= figures.firstHole && girth <= figures.lastHole);
}

/** A garment that runs loose past the waist under the belt: a dress not cut to the body, an untucked top, an open layer. */
function looseMiddle({ garments, body }: Dressed, loose: number): Worn | undefined {
  const waist = body.measures.waistLine.cm;
  const over = garments.filter(({ extent }) => extent.from < waist - 1 && extent.to > waist + 1);
  return over.find((item) => {
    const { asWorn, place } = item;
    if (marksWaist(item)) return false;
    if (asWorn.kind === "dress") return asWorn.figures.cut !== "pencil";
    if (asWorn.kind === "top") return asWorn.figures.bodyGirth >= body.measures.waist.cm + loose;
    return place === "layer" && !hides(asWorn);
  });
}
