import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";

export const bending = defineRule({
  id: "comfort.bending",
  lens: "comfort",
  weight: 1,
  title: "Bending, sitting and stairs",
  why: "A hem rises when its wearer bends or climbs; how short it may be is the client's own word.",
  params: { close: param(12, "cm", "a close hem over the knee from this on is looked at twice on stairs") },
  read({ skirt, body, look }, { close }) {
    if (!skirt) return [];
    const knee = body.measures.kneeLine.cm;
    const above = skirt.hem - knee;
    const limit = look.client.limits.hemAboveKnee;
    const shared = {
      names: { skirt: skirt.garment.name, client: look.client.name },
      pieces: [skirt.garment.id],
    };
    if (limit !== null && above > limit)
      return [
        {
          effect: "bar",
          say: "The hem of {skirt} ends {above} above the knee, over {client}'s limit.",
          figures: { above: atMost("hem above the knee", above, "cm", limit) },
          estimated: body.measures.kneeLine.estimated,
          ...shared,
        },
      ];
    if (above < close) return [];
    return [
      {
        effect: "note",
        say: "The hem of {skirt} ends {above} above the knee: mind bending and stairs.",
        figures: { above: atMost("hem above the knee", above, "cm", close) },
        estimated: body.measures.kneeLine.estimated,
        caution: "A short hem rises further on stairs and when sitting down.",
        ...shared,
      },
    ];
  },
});
