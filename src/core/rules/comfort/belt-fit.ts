import { isWornSo, type Dressed } from "../../dressing/dressed";
import { hasOwnBelt, isLegged, speaks } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure, within } from "../figures";
import type { Finding } from "../finding";
import { adjust, swapOrTakeOff } from "../proposals";

/** What lies under a belt; read by the waist it draws as well. */
export const layersUnderBelt = {
  layer: param(2, "cm", "what each layer under a belt adds to the girth"),
  coat: param(6, "cm", "what a coat adds"),
} as const;

export const beltFit = defineRule({
  id: "comfort.belt-fit",
  reads: ["belt"],
  title: "A belt fits its loops and its place",
  fault: "a belt that does not fit",
  why: "A belt goes through the loops, and closes between its first and last hole over whatever lies under it.",
  params: {
    ...layersUnderBelt,
    wide: param(5, "cm", "a belt from this width on wants a plain base"),
    busy: param(2, "statement", "how much a pattern speaks from which the base is not plain"),
  },
  messages: {
    loops: "{belt} {beltCount, plural, one {is} other {are}} {width} wide, and the loops take {loops}.",
    unread:
      "Measure the waist, and this will say whether {belt} {beltCount, plural, one {closes} other {close}}.",
    past: "The waist is {girth} here, past the last hole of {belt}.",
    short: "The waist is {girth} here, short of the first hole of {belt}.",
    two: "{belt} over the belt that {garment} came with: two at one waist.",
    busy: "A belt of {width} over {detail}: two details at one waist.",
  },
  read(dressed, { params, judge }) {
    if (!dressed.belt) return [];
    const belt = dressed.belt.piece;
    const { width, firstHole, lastHole } = belt.figures;
    const of = { belt };
    const proposals = swapOrTakeOff(belt);
    const findings: Finding[] = [];
    const loops = dressed.look.garments.find(isLegged)?.figures.loops ?? null;
    if (loops !== null && width > loops) {
      const figures = { width: atMost("width", width, "cm", loops), loops: figure("loops", loops, "cm") };
      findings.push(judge("jars", "loops", { of, figures, proposals }));
    }
    const girth = girthUnderBelt(dressed, params);
    if (girth === null) findings.push(judge("unread", "unread", { of, needs: ["waist"] }));
    else {
      const figures = { girth: within("girth where it closes", girth, "cm", [firstHole, lastHole]) };
      if (girth > lastHole) findings.push(judge("jars", "past", { of, figures, proposals }));
      else if (girth < firstHole) findings.push(judge("jars", "short", { of, figures, proposals }));
    }
    const own = dressed.visible.find(
      ({ asWorn, place }) => hasOwnBelt(asWorn) && (place === "whole" || isBeltedOver(dressed)),
    );
    if (own)
      findings.push(
        judge("rubs", "two", {
          of: { belt, garment: own },
          about: [belt],
          proposals: [adjust("own-belt-off", own.piece), ...proposals],
        }),
      );
    const detail = dressed.worn.find(
      ({ piece, slot }) => slot === null && piece.pattern !== "plain" && speaks(piece, params.busy),
    );
    if (width >= params.wide && detail) {
      const figures = { width: atMost("width over a pattern", width, "cm", params.wide) };
      findings.push(judge("rubs", "busy", { of: { belt, detail }, about: [belt], figures, proposals }));
    }
    return findings;
  },
});

/** The girth where a belt closes, over what lies under it, cm; null where the waist was not measured. */
export function girthUnderBelt(
  dressed: Dressed,
  { layer, coat }: { readonly layer: number; readonly coat: number },
): number | null {
  const { waist } = dressed.body.measures;
  return waist.estimated ? null : waist.cm + added(dressed, layer, coat);
}

/**
 * What the garments under a belt add to the waist, cm: the first lies on the body and adds nothing; a jacket or a coat
 * lies under it only where it is worn over that.
 */
function added(dressed: Dressed, layer: number, coat: number): number {
  const { worn } = dressed;
  const under = worn.filter(({ place }) => place === "top" || place === "whole");
  const layers = isBeltedOver(dressed) ? worn.filter(({ place }) => place === "layer") : [];
  return (
    Math.max(0, under.length - 1) * layer +
    under.filter(({ piece }) => piece.finish === "knit").length * layer +
    layers.reduce((sum, { piece }) => sum + (piece.kind === "coat" ? coat : layer), 0)
  );
}

/** Whether the belt lies over the jacket or the coat. */
export function isBeltedOver({ belt }: Pick<Dressed, "belt">): boolean {
  return belt !== null && isWornSo(belt, "belted-over");
}
