import { speaks, type Piece } from "../../piece/piece";
import { loudnessOf } from "../../colour/print";
import { soleBulk } from "../../proportion/sole-bulk";
import { param } from "../../rule-book/params";
import { storyOf } from "../../style/story";
import { definePairRule } from "../define-rule";
import { isOpen, noHope, surely } from "../outlook";
import { atMost, figure } from "../figures";
import type { Finding } from "../finding";
import { wear } from "../proposals";

export const scale = definePairRule({
  id: "style.scale",
  reads: "everything",
  title: "Heavy with heavy, fine with fine",
  fault: "heavy beside fine",
  why: "A heavy sole under a dainty bag, or a large tote over a thin sole, look borrowed from two people, unless the contrast is the point.",
  params: {
    small: param(0.14, "ratio", "diagonal over body height under which a bag is dainty"),
    large: param(0.26, "ratio", "the same from which it is large"),
    apart: param(2, "count", "steps of bulk between shoe and bag that rub"),
    motif: param(1.2, "cm", "jewellery under this is lost on a loud print"),
    loud: param(0.035, "ratio", "loudness from which a print is loud"),
  },
  tags: ["set"],
  messages: {
    dainty: "{shoe} {shoeCount, plural, one {looks} other {look}} heavy with such a small bag as {bag}.",
    large: "{bag} {bagCount, plural, one {is} other {are}} large for the thin sole of {shoe}.",
    lost: "{jewel} {jewelCount, plural, one {gets} other {get}} lost beside the print of {print}.",
  },
  pair: ["dainty", "large"],
  concerns: ({ piece }, { motif }) =>
    piece.kind === "shoe" || piece.kind === "bag" || isSmallJewel(piece, motif),
  concernsInPair: ({ piece: { kind } }) => kind === "shoe" || kind === "bag",
  read(dressed, { params, judge }) {
    const { landing, accessories, shoe } = dressed;
    const findings: Finding[] = [];
    if (shoe && landing) {
      const bulk = landing.scale < params.small ? 1 : landing.scale > params.large ? 3 : 2;
      const step = Math.abs(soleBulk[shoe.piece.figures.soleBulk] - bulk);
      if (step >= params.apart && storyOf([shoe.piece, landing.bag]).kind !== "contrast")
        findings.push(
          judge("rubs", bulk === 1 ? "dainty" : "large", {
            of: { shoe, bag: landing.bag },
            figures: {
              share: figure("diagonal of the bag over the height", landing.scale, "share"),
              step: atMost("steps of bulk between them", step, "count", params.apart - 1),
            },
            proposals: wear("bag", "shoe"),
          }),
        );
    }
    const print = dressed.worn.find(
      ({ piece, slot, profile, area }) =>
        slot === null && loudnessOf(piece, profile.character, area) >= params.loud,
    );
    const jewel = accessories.find(({ piece }) => isSmallJewel(piece, params.motif));
    if (print && jewel) findings.push(judge("note", "lost", { of: { jewel, print } }));
    return findings;
  },
  hope: (outlook, { said }) => (isOpen(outlook, "shoe", "bag") ? noHope : surely(said())),
});

/** A jewel that speaks, and is so small that it gets lost beside a loud print. */
function isSmallJewel(piece: Piece, motif: number): boolean {
  return (
    (piece.kind === "brooch" || piece.kind === "earrings") && piece.figures.width < motif && speaks(piece, 1)
  );
}
