import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";

const bulks = { fine: 1, middling: 2, heavy: 3 } as const;

export const trainerSole = defineRule({
  id: "proportion.trainer-sole",
  lens: "proportion",
  weight: 1,
  title: "The longer the skirt, the daintier the trainer",
  why: "A long skirt ends in the shoe, so a heavy sole under it weighs the whole figure down.",
  params: {
    above: param(3, "count", "heaviest sole over the knee"),
    knee: param(2, "count", "heaviest sole to the knee"),
    below: param(1, "count", "heaviest sole under it"),
    band: param(4, "cm", "how far from the knee line a hem is still at the knee"),
  },
  read({ skirt, shoe: worn, body }, { above, knee, below, band }) {
    const shoe = worn?.piece;
    if (!skirt || !shoe || shoe.figures.form !== "trainer") return [];
    const line = body.measures.kneeLine.cm;
    const most = skirt.hem > line + band ? above : skirt.hem >= line - band ? knee : below;
    const bulk = bulks[shoe.figures.soleBulk];
    const shared = {
      names: { skirt: skirt.garment.name, shoe: shoe.name, zone: skirt.zone, sole: shoe.figures.soleBulk },
      figures: { bulk: atMost("bulk of the sole", bulk, "count", most) },
      pieces: [skirt.garment.id, shoe.id],
    };
    if (bulk <= most)
      return [
        {
          effect: "lifts",
          say: "The {sole} sole of {shoe} is light enough under {skirt} ({zone}).",
          ...shared,
        },
      ];
    return [
      {
        effect: bulk - most > 1 ? "jars" : "rubs",
        say: "The {sole} sole of {shoe} is too much under {skirt} ({zone}): the longer the skirt, the daintier the trainer.",
        proposals: [{ kind: "wear", slot: "shoe" }],
        ...shared,
      },
    ];
  },
});
