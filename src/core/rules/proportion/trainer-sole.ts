import { isTrainer } from "../../piece/piece";
import { soleBulk } from "../../proportion/sole-bulk";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { wear } from "../proposals";

export const trainerSole = defineRule({
  id: "proportion.trainer-sole",
  reads: ["shoe"],
  title: "The longer the skirt, the daintier the trainer",
  fault: "a trainer too heavy",
  why: "A long skirt ends in the shoe, so a heavy sole under it weighs the whole figure down.",
  params: {
    above: param(3, "count", "heaviest sole over the knee"),
    knee: param(2, "count", "heaviest sole to the knee"),
    below: param(1, "count", "heaviest sole under it"),
    band: param(4, "cm", "how far from the knee line a hem is still at the knee"),
  },
  tags: ["hem"],
  messages: {
    light: "The {sole} sole of {shoe} is light enough under {skirt}.",
    heavy:
      "The {sole} sole of {shoe} is too heavy under {skirt}: the longer the skirt, the lighter the trainer.",
  },
  read({ skirt, shoe, body }, { params, judge }) {
    if (!skirt || !shoe || !isTrainer(shoe.piece)) return [];
    const line = body.measures.kneeLine.cm;
    const { above, knee, below, band } = params;
    const most = skirt.hem > line + band ? above : skirt.hem >= line - band ? knee : below;
    const sole = shoe.piece.figures.soleBulk;
    const bulk = soleBulk[sole];
    const facts = {
      of: { skirt: skirt.garment, shoe },
      words: { zone: skirt.zone, sole },
      figures: { bulk: atMost("bulk of the sole", bulk, "count", most) },
    };
    if (bulk <= most) return [judge("note", "light", facts)];
    return [judge(bulk - most > 1 ? "jars" : "rubs", "heavy", { proposals: wear("shoe") }, facts)];
  },
});
