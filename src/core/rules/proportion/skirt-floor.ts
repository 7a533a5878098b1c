import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast } from "../figures";
import { wear } from "../proposals";

export const skirtFloor = defineRule({
  id: "proportion.skirt-floor",
  reads: ["shoe"],
  title: "A skirt and the floor",
  fault: "a skirt on the floor",
  why: "A hem that reaches the floor is walked on; a finger's breadth keeps it moving.",
  params: { least: param(0.8, "cm", "least height over the floor") },
  tags: ["hem"],
  messages: { drags: "The hem of {skirt} is {over} above the floor: it will drag." },
  read({ skirt, lift }, { params, judge }) {
    if (!skirt) return [];
    const over = skirt.hem + lift;
    if (over >= params.least) return [];
    return [
      judge("jars", "drags", {
        of: { skirt: skirt.garment },
        figures: { over: atLeast("hem over the floor", over, "cm", params.least) },
        proposals: wear("shoe"),
        caution: "A hem on the floor can be trodden on, above all on stairs.",
      }),
    ];
  },
});
