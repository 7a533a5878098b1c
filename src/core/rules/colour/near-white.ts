import { isNearWhite } from "../../colour/depth";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import type { Judgement } from "../finding";
import { holdsBoth, parts } from "./joined-tones";

export const nearWhite = defineRule({
  id: "colour.near-white",
  lens: "colour",
  weight: 1,
  title: "Two whites side by side",
  why: "Where two whites touch, the creamier one looks yellowed, unless something between them says that both are meant.",
  params: {
    most: param(6, "b*", "difference of yellowness from which the creamier looks yellowed"),
    holds: param(5, "dE", "how near a third piece must come to hold both whites"),
  },
  read({ touches, visible }, { most, holds }) {
    return touches.flatMap((touch): Judgement[] => {
      const upper = touch.upper.profile.ground?.shade;
      const lower = touch.lower.profile.ground?.shade;
      if (!upper || !lower || !isNearWhite(upper) || !isNearWhite(lower)) return [];
      const yellowness = Math.abs(upper.b - lower.b);
      if (yellowness < most) return [];
      const [creamy, white] = upper.b > lower.b ? [touch.upper, touch.lower] : [touch.lower, touch.upper];
      const bridge =
        touch.separator && parts(touch.separator, upper, lower)
          ? touch.separator
          : holdsBoth(visible, touch, upper, lower, holds);
      const shared = {
        figures: { yellowness: atMost("difference of yellowness", yellowness, "b*", most) },
        pieces: [creamy.piece.id, white.piece.id],
      };
      const names = { creamy: creamy.piece.name, white: white.piece.name };
      if (bridge)
        return [
          {
            ...shared,
            effect: "lifts",
            say: "With {bridge}, {creamy} and {white} are two whites, and both look meant.",
            names: { bridge: bridge.piece.name, ...names },
            pieces: [...shared.pieces, bridge.piece.id],
          },
        ];
      return [
        {
          effect: "jars",
          say: "Where {creamy} and {white} touch, {yellowness} of yellow parts them: the creamier looks yellowed.",
          names,
          proposals: [
            { kind: "wear", slot: "belt" },
            { kind: "wear", slot: "layer" },
            { kind: "wear", slot: "neck" },
            { kind: "wear", slot: "bag" },
          ],
          ...shared,
        },
      ];
    });
  },
});
