import { loudnessOf } from "../../colour/print";
import type { PieceOf } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { storyOf } from "../../style/story";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import type { Judgement } from "../finding";

const soleBulk: Record<PieceOf<"shoe">["figures"]["soleBulk"], number> = { fine: 1, middling: 2, heavy: 3 };

export const scale = defineRule({
  id: "style.scale",
  lens: "style",
  weight: 1,
  title: "Heavy with heavy, fine with fine",
  why: "A heavy sole under a dainty bag, or a large tote over a thin sole, look borrowed from two people, unless the contrast is the point.",
  params: {
    small: param(0.14, "ratio", "diagonal over body height under which a bag is dainty"),
    large: param(0.26, "ratio", "the same from which it is large"),
    apart: param(2, "count", "steps of bulk between shoe and bag that rub"),
    motif: param(1.2, "cm", "jewellery under this is lost on a loud print"),
    loud: param(0.035, "ratio", "loudness from which a print is loud"),
  },
  read(dressed, { small, large, apart, motif, loud }) {
    const { landing, accessories } = dressed;
    const judgements: Judgement[] = [];
    if (dressed.shoe && landing) {
      const shoe = dressed.shoe.piece;
      const bulk = landing.scale < small ? 1 : landing.scale > large ? 3 : 2;
      const step = Math.abs(soleBulk[shoe.figures.soleBulk] - bulk);
      if (step >= apart && storyOf([shoe, landing.bag]).kind !== "contrast")
        judgements.push({
          effect: "rubs",
          say:
            bulk === 1
              ? "{shoe} stands heavy under the dainty {bag} ({share} of the height)."
              : "{bag}, {share} of the height, is large over the thin sole of {shoe}.",
          names: { shoe: shoe.name, bag: landing.bag.name },
          figures: {
            share: figure("diagonal of the bag over the height", landing.scale, "share"),
            step: atMost("steps of bulk between them", step, "count", apart - 1),
          },
          pieces: [shoe.id, landing.bag.id],
          proposals: [
            { kind: "wear", slot: "bag" },
            { kind: "wear", slot: "shoe" },
          ],
        });
    }
    const print = dressed.worn.find(
      ({ piece, slot, profile, area }) => slot === null && loudnessOf(piece, profile.character, area) >= loud,
    );
    const tiny = accessories.find(
      ({ piece }) =>
        (piece.kind === "brooch" || piece.kind === "earrings") &&
        piece.figures.width < motif &&
        piece.statement > 0,
    );
    if (print && tiny)
      judgements.push({
        effect: "note",
        say: "{jewel} is lost beside the print of {print}.",
        names: { jewel: tiny.piece.name, print: print.piece.name },
        pieces: [tiny.piece.id, print.piece.id],
      });
    return judgements;
  },
});
