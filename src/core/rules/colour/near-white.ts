import { isNearWhite } from "../../colour/depth";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import type { Finding } from "../finding";
import { wear } from "../proposals";
import { holdsBoth, parts } from "./joined-tones";

export const nearWhite = defineRule({
  id: "colour.near-white",
  title: "Two whites side by side",
  why: "Where two whites touch, the creamier one looks yellowed, unless something between them says that both are meant.",
  params: {
    most: param(6, "b*", "difference of yellowness from which the creamier looks yellowed"),
    holds: param(5, "dE", "how near a third piece must come to hold both whites"),
  },
  messages: {
    bridged: "With {bridge}, {creamy} and {white} are two whites, and both look meant.",
    yellowed:
      "Where {creamy} and {white} touch, {yellowness} of yellow parts them: the creamier looks yellowed.",
  },
  read({ touches, visible, look }, { params, judge }) {
    return touches.flatMap((touch): Finding[] => {
      const upper = touch.upper.profile.ground?.shade;
      const lower = touch.lower.profile.ground?.shade;
      if (!upper || !lower || !isNearWhite(upper) || !isNearWhite(lower)) return [];
      const yellowness = Math.abs(upper.b - lower.b);
      if (yellowness < params.most) return [];
      const [creamy, white] = upper.b > lower.b ? [touch.upper, touch.lower] : [touch.lower, touch.upper];
      const figures = { yellowness: atMost("difference of yellowness", yellowness, "b*", params.most) };
      const parted = touch.separator && parts(touch.separator, upper, lower, look.client.ruleBook);
      const bridge = parted ? touch.separator : holdsBoth(visible, touch, upper, lower, params.holds);
      if (bridge) return [judge("lifts", "bridged", { of: { creamy, white, bridge }, figures })];
      const proposals = wear("belt", "layer", "neck", "bag");
      return [judge("jars", "yellowed", { of: { creamy, white }, figures, proposals })];
    });
  },
});
