import { isNearBlack } from "../../colour/depth";
import { difference } from "../../colour/difference";
import type { Shade } from "../../colour/shade";
import { finishes } from "../../finish/finishes";
import type { Worn } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import type { Judgement } from "../finding";
import { parts } from "./joined-tones";

export const nearBlack = defineRule({
  id: "colour.near-black",
  lens: "colour",
  weight: 1,
  title: "Two darks side by side",
  why: "Navy against black, or a faded black against a full one, looks like a mistake in poor light, unless each dark is met again or the cloths plainly differ.",
  params: {
    most: param(4, "C*", "difference of b* or of chroma from which two darks look mistaken for one another"),
    holds: param(8, "dE", "how near another piece must come to answer a dark"),
  },
  schools: ["darks"],
  read({ touches, visible }, { most, holds }, schools) {
    return touches.flatMap((touch): Judgement[] => {
      const { upper, lower, separator } = touch;
      const one = upper.profile.ground?.shade;
      const other = lower.profile.ground?.shade;
      if (!one || !other || !isNearBlack(one) || !isNearBlack(other)) return [];
      const apart = Math.max(Math.abs(one.b - other.b), Math.abs(one.C - other.C));
      if (apart < most) return [];
      const shared = {
        names: { one: upper.piece.name, other: lower.piece.name },
        figures: { apart: atMost("difference of the two darks", apart, "C*", most) },
        pieces: [upper.piece.id, lower.piece.id],
      };
      const rest = visible.filter((item) => item !== upper && item !== lower);
      const answered = isMet(rest, one, holds) && isMet(rest, other, holds);
      const textured = finishes[upper.piece.finish].kin !== finishes[lower.piece.finish].kin;
      const parted = separator !== null && parts(separator, one, other);
      if (schools.darks === "mix" && (answered || textured || parted))
        return [
          {
            effect: "note",
            say: answered
              ? "{one} and {other} are two darks, and each is met again: meant."
              : "{one} and {other} are two darks of plainly different cloth: it passes.",
            ...shared,
          },
        ];
      return [
        {
          effect: "jars",
          say: "{one} and {other} are two darks {apart} apart that touch: one looks mistaken for the other.",
          proposals: [
            { kind: "wear", slot: "belt" },
            { kind: "wear", slot: "shoe" },
            { kind: "wear", slot: "bag" },
          ],
          ...shared,
        },
      ];
    });
  },
});

function isMet(worn: readonly Worn[], shade: Shade, within: number): boolean {
  return worn.some((item) => item.profile.tints.some((tint) => difference(tint.shade, shade) <= within));
}
