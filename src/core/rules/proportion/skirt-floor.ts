import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast } from "../figures";

export const skirtFloor = defineRule({
  id: "proportion.skirt-floor",
  lens: "proportion",
  weight: 1,
  title: "A skirt and the floor",
  why: "A hem that reaches the floor is walked on; a finger's breadth keeps it moving.",
  params: { least: param(0.8, "cm", "least height over the floor") },
  read({ skirt, lift }, { least }) {
    if (!skirt) return [];
    const over = skirt.hem + lift;
    if (over >= least) return [];
    return [
      {
        effect: "jars",
        say: "The hem of {skirt} is {over} over the floor: it will drag.",
        names: { skirt: skirt.garment.name },
        figures: { over: atLeast("hem over the floor", over, "cm", least) },
        pieces: [skirt.garment.id],
        proposals: [{ kind: "wear", slot: "shoe" }],
        caution: "A hem on the floor can be trodden on, above all on stairs.",
      },
    ];
  },
});
