import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";

export const bending = defineRule({
  id: "comfort.bending",
  reads: [],
  title: "Bending, sitting and stairs",
  fault: "a short hem",
  why: "A hem rises when its wearer bends or climbs; how short it may be is the client's own word.",
  params: { close: param(12, "cm", "a close hem over the knee from this on is looked at twice on stairs") },
  messages: {
    limit: "The hem of {skirt} ends {above} above the knee, shorter than {client} wears.",
    stairs: "The hem of {skirt} ends {above} above the knee: mind bending down and stairs.",
  },
  read({ skirt, body, look }, { params, judge }) {
    if (!skirt) return [];
    const above = skirt.hem - body.measures.kneeLine.cm;
    const { limits, name } = look.client;
    const facts = {
      of: { skirt: skirt.garment },
      words: { client: name },
      estimated: body.measures.kneeLine.estimated,
    };
    if (limits.hemAboveKnee !== null && above > limits.hemAboveKnee) {
      const figures = { above: atMost("hem above the knee", above, "cm", limits.hemAboveKnee) };
      return [judge("bar", "limit", { figures }, facts)];
    }
    if (above < params.close) return [];
    return [
      judge(
        "note",
        "stairs",
        {
          figures: { above: atMost("hem above the knee", above, "cm", params.close) },
          caution: "A short hem rises further on stairs and when sitting down.",
        },
        facts,
      ),
    ];
  },
});
