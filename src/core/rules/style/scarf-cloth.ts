import type { Piece } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, within } from "../figures";
import { adjust, swapOrTakeOff } from "../proposals";

export const scarfCloth = defineRule({
  id: "style.scarf-cloth",
  reads: ["neck"],
  title: "A cloth and the tie it is tied in",
  fault: "cloth against its tie",
  why: "Stiff silk holds a shape and stands off where it should fall; washed silk falls and will not hold a bow. A thick knot stands up under a closed coat.",
  params: {
    stiffness: param(0.1, "ratio", "how far outside a tie's cloths a stiffness may lie"),
    knot: param(3, "cm", "the thickest knot that lies flat under a closed layer"),
  },
  tags: ["neck"],
  messages: {
    stiff:
      "{scarf} {scarfCount, plural, one {is} other {are}} too stiff for this tie and will stand off: {tie}.",
    soft: "{scarf} {scarfCount, plural, one {is} other {are}} too soft for this tie and will not hold it: {tie}.",
    thick: "The knot of {scarf} is {knot} thick and stands up under {layer}.",
  },
  read({ tied, garments }, { params, judge }) {
    if (!tied?.answer.possible) return [];
    const { scarf, answer } = tied;
    const { spec, knot } = answer.tied;
    const { stiffness } = scarf.figures;
    const [least, most] = spec.stiffness;
    const shared = {
      of: { scarf },
      words: { tie: spec.name },
      figures: { stiffness: within("stiffness of the cloth", stiffness, "ratio", [least, most]) },
      proposals: [adjust("tie", scarf), ...swapOrTakeOff(scarf)],
    };
    const findings = [];
    if (stiffness > most + params.stiffness) findings.push(judge("rubs", "stiff", {}, shared));
    if (stiffness < least - params.stiffness) findings.push(judge("rubs", "soft", {}, shared));
    const closed = garments.find(({ place, asWorn }) => place === "layer" && isClosed(asWorn.figures));
    if (closed && spec.place === "neck" && knot.to > params.knot) {
      const figures = { knot: atMost("thickness of the knot", knot.to, "cm", params.knot) };
      findings.push(judge("rubs", "thick", { of: { scarf, layer: closed.piece }, figures }, shared));
    }
    return findings;
  },
});

/** Whether a layer is closed over what lies at the neck. */
function isClosed(figures: Piece["figures"]): boolean {
  return "closed" in figures && figures.closed;
}
