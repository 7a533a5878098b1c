import { isAlmostBlack, isNearBlack } from "../../colour/depth";
import { finishes } from "../../finish/finishes";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { doomed, isOpen, type Outlook } from "../outlook";
import type { Touch, Worn } from "../../dressing/dressed";
import type { RuleBook } from "../../rule-book/rule-book";
import { atMost } from "../figures";
import type { Effect } from "../finding";
import { saidOfEach } from "../said-of-each";
import { wear } from "../proposals";
import { parts, wearsNear } from "./joined-tones";

export const nearBlack = defineRule({
  id: "colour.near-black",
  reads: "everything",
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
    return saidOfEach(touches, (touch) => {
      const met = darksAt(touch, visible, params);
      if (!met) return null;
      const { one, other, apart, answered } = met;
      const of = { one: touch.upper, other: touch.lower };
      const onEdge = apart > params.most - params.doubt;
      const figures = { apart: atMost("difference of the two darks", apart, "C*", params.least) };
      const passes = schools.darks === "mix" && (answered || isTold(touch, look.client.ruleBook));
      if (!isNearBlack(one) || !isNearBlack(other))
        return onEdge && !passes ? judge("note", "almost", { of, onEdge }) : null;
      if (passes) return judge("note", answered ? "answered" : "textured", { of, figures });
      return judge(apart > params.most ? "jars" : "rubs", "mistaken", {
        onEdge,
        of,
        figures,
        proposals: wear("belt", "shoe", "bag"),
      });
    });
  },
  hope(outlook, { params, schools }) {
    const { on, all } = outlook;
    const mends = schools.darks === "mix";
    const faults = on.touches
      .filter((touch) => stays(touch, outlook))
      .flatMap((touch): Effect[] => {
        const met = darksAt(touch, all, params);
        if (!met || !isNearBlack(met.one) || !isNearBlack(met.other)) return [];
        const mayBeTold = touch.join === "waist" && isOpen(outlook, "belt");
        if (mends && (met.answered || mayBeTold || isTold(touch, on.look.client.ruleBook))) return [];
        return [met.apart > params.most ? "jars" : "rubs"];
      });
    return doomed(...faults);
  },
});

/** Two darks that touch and differ, and whether each is met again among what is seen; null where they are not two. */
function darksAt(
  { upper, lower }: Touch,
  seen: readonly Worn[],
  { least, holds }: { readonly least: number; readonly holds: number },
) {
  const one = upper.profile.ground?.shade;
  const other = lower.profile.ground?.shade;
  if (!one || !other || !isAlmostBlack(one) || !isAlmostBlack(other)) return null;
  const apart = Math.max(Math.abs(one.b - other.b), Math.abs(one.C - other.C));
  if (apart < least) return null;
  const rest = seen.filter((item) => item !== upper && item !== lower);
  const isMet = (shade: typeof one) => rest.some((item) => wearsNear(item, shade, holds));
  return { one, other, apart, answered: isMet(one) && isMet(other) };
}

/** Whether the cloths of two that touch differ plainly, or a belt parts them. */
function isTold({ upper, lower, separator }: Touch, book: RuleBook): boolean {
  const [one, other] = [upper.profile.ground?.shade, lower.profile.ground?.shade];
  if (finishes[upper.piece.finish].kin !== finishes[lower.piece.finish].kin) return true;
  return separator !== null && one !== undefined && other !== undefined && parts(separator, one, other, book);
}

/** Whether two that touch will touch whatever is put on: hosiery comes between a hem and a shoe. */
function stays({ upper, lower }: Touch, outlook: Outlook): boolean {
  const isAtFoot = [upper, lower].some(({ slot }) => slot === "shoe" || slot === "hosiery");
  return !isAtFoot || !isOpen(outlook, "shoe", "hosiery");
}
