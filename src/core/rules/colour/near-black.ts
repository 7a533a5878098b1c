import { isAlmostBlack, isNearBlack } from "../../colour/depth";
import { finishes } from "../../finish/finishes";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import type { Finding } from "../finding";
import { wear } from "../proposals";
import { parts, wearsNear } from "./joined-tones";

export const nearBlack = defineRule({
  id: "colour.near-black",
  title: "Two darks side by side",
  fault: "two darks side by side",
  why: "Navy against black, or a faded black against a full one, looks like a mistake in poor light, unless each dark is met again or the cloths plainly differ.",
  params: {
    least: param(
      4,
      "C*",
      "difference of b* or of chroma from which two darks begin to look mistaken for one another",
    ),
    most: param(8, "C*", "from here they look so to everyone"),
    doubt: param(3, "C*", "how far a colour may be misread"),
    holds: param(8, "dE", "how near another piece must come to answer a dark"),
  },
  schools: ["darks"],
  messages: {
    answered: "{one} and {other} are two different darks, and each comes up again, so it looks meant.",
    textured: "{one} and {other} are two different darks, but in such different cloths that it works.",
    almost: "In poor light {one} and {other} will look like two darks that do not match.",
    mistaken: "{one} and {other} are two darks that almost match: it looks like a mistake.",
  },
  read({ touches, visible, look }, { params, schools, judge }) {
    return touches.flatMap((touch): Finding[] => {
      const { upper, lower, separator } = touch;
      const one = upper.profile.ground?.shade;
      const other = lower.profile.ground?.shade;
      if (!one || !other || !isAlmostBlack(one) || !isAlmostBlack(other)) return [];
      const apart = Math.max(Math.abs(one.b - other.b), Math.abs(one.C - other.C));
      if (apart < params.least) return [];
      const of = { one: upper, other: lower };
      const onEdge = apart > params.most - params.doubt;
      const figures = { apart: atMost("difference of the two darks", apart, "C*", params.least) };
      const rest = visible.filter((item) => item !== upper && item !== lower);
      const isMet = (shade: typeof one) => rest.some((item) => wearsNear(item, shade, params.holds));
      const answered = isMet(one) && isMet(other);
      const textured = finishes[upper.piece.finish].kin !== finishes[lower.piece.finish].kin;
      const parted = separator !== null && parts(separator, one, other, look.client.ruleBook);
      const passes = schools.darks === "mix" && (answered || textured || parted);
      if (!isNearBlack(one) || !isNearBlack(other))
        return onEdge && !passes ? [judge("note", "almost", { of, onEdge })] : [];
      if (passes) return [judge("note", answered ? "answered" : "textured", { of, figures })];
      return [
        judge(apart > params.most ? "jars" : "rubs", "mistaken", {
          onEdge,
          of,
          figures,
          proposals: wear("belt", "shoe", "bag"),
        }),
      ];
    });
  },
});
