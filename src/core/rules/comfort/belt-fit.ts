import type { Dressed } from "../../dressing/dressed";
import { isLegged, placeOf, speaks } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure, within } from "../figures";
import type { Finding } from "../finding";
import { swapOrTakeOff } from "../proposals";

/** What lies under a belt; read by the waist it draws as well. */
export const layersUnderBelt = {
  layer: param(2, "cm", "what each layer under a belt adds to the girth"),
  coat: param(6, "cm", "what a coat adds"),
} as const;

export const beltFit = defineRule({
  id: "comfort.belt-fit",
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
      const figures = { girth: within("girth where it closes", girth, "cm", firstHole, lastHole) };
      if (girth > lastHole) findings.push(judge("jars", "past", { of, figures, proposals }));
      else if (girth < firstHole) findings.push(judge("jars", "short", { of, figures, proposals }));
    }
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

/** What the garments under a belt add to the waist, cm: the first lies on the body and adds nothing. */
function added({ look }: Dressed, layer: number, coat: number): number {
  const under = look.garments.filter((piece) => placeOf(piece) === "top" || placeOf(piece) === "whole");
  const coats = look.garments.filter((piece) => piece.kind === "coat" && piece.figures.closed);
  return (
    Math.max(0, under.length - 1) * layer +
    under.filter(({ finish }) => finish === "knit").length * layer +
    coats.length * coat
  );
}
