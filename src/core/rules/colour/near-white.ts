import { isAlmostWhite, isNearWhite } from "../../colour/depth";
import type { Shade } from "../../colour/shade";
import type { Dressed, Touch, Worn } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import { saidOfEach } from "../said-of-each";
import { wear } from "../proposals";
import { holding, parts, wearsNear } from "./joined-tones";
import { hopeFor } from "../outlook";
import type { Slot } from "../../piece/slots";

export const nearWhite = defineRule({
  id: "colour.near-white",
  reads: "everything",
  title: "Two whites side by side",
  fault: "two whites side by side",
  why: "Where two whites touch, the creamier one looks yellowed, unless something says that both are meant: a print or a piece that has both, or a third tone between them.",
  params: {
    least: param(4, "b*", "difference of yellowness from which the creamier begins to look yellowed"),
    most: param(8, "b*", "from here it looks so to everyone"),
    holds: param(5, "dE", "how near a third piece must come to hold both whites"),
    nearly: param(8, "dE", "how near it must come to hold them nearly"),
    doubt: param(3, "b*", "how far yellowness may be misread"),
    kinds: param(3, "count", "kinds of accessory in which a tan or brown must be met to bridge them"),
  },
  messages: {
    bridged:
      "{bridge} {bridgeCount, plural, one {brings} other {bring}} {creamy} and {white} together: two whites that look meant.",
    printed: "The print of {print} has the white of {other} in it, so the two whites look meant.",
    tans: "The tan and brown come up {count} times, so {creamy} and {white} look meant together.",
    nearly:
      "{bridge} nearly {bridgeCount, plural, one {brings} other {bring}} the two whites together: {creamy} and {white}.",
    almost: "In some lights {one} and {other} will look like two whites that do not match.",
    yellowed:
      "{creamy} {creamyCount, plural, one {is} other {are}} much creamier than {white}, and {creamyCount, plural, one {looks} other {look}} yellowed beside {whiteCount, plural, one {it} other {them}}.",
  },
  read(dressed, { params, judge }) {
    const { touches, visible, look } = dressed;
    return saidOfEach(touches, (touch) => {
      const upper = touch.upper.profile.ground?.shade;
      const lower = touch.lower.profile.ground?.shade;
      if (!upper || !lower) return null;
      const yellowness = Math.abs(upper.b - lower.b);
      if (yellowness < params.least) return null;
      if (!isNearWhite(upper) || !isNearWhite(lower))
        return almost(touch, upper, lower) && yellowness > params.most - params.doubt
          ? judge("note", "almost", { of: { one: touch.upper, other: touch.lower }, onEdge: true })
          : null;
      const [creamy, white] = upper.b > lower.b ? [touch.upper, touch.lower] : [touch.lower, touch.upper];
      const figures = { yellowness: atMost("difference of yellowness", yellowness, "b*", params.least) };
      const print = printOf(touch);
      if (print) {
        const other = print === touch.upper ? touch.lower : touch.upper;
        const has = wearsNear(print, print === touch.upper ? lower : upper, params.holds);
        return has ? judge("lifts", "printed", { of: { print, other }, figures }) : null;
      }
      const parted = touch.separator && parts(touch.separator, upper, lower, look.client.ruleBook);
      const bridge = parted ? touch.separator : holding(visible, touch, params.holds);
      if (bridge) return judge("lifts", "bridged", { of: { creamy, white, bridge }, figures });
      const tans = tansOf(dressed);
      const of = { creamy, white };
      if (tans >= params.kinds) {
        const words = { count: String(tans) };
        return judge("lifts", "tans", { of, words, figures });
      }
      const nearly = holding(visible, touch, params.nearly);
      const proposals = wear("belt", "layer", "neck", "bag");
      if (nearly)
        return judge("rubs", "nearly", { of: { ...of, bridge: nearly }, figures, proposals, onEdge: true });
      const grave = yellowness > params.most && tans < params.kinds - 1;
      const onEdge = yellowness > params.most - params.doubt;
      return judge(grave ? "jars" : "rubs", "yellowed", { of, figures, proposals, onEdge });
    });
  },
  hope({ on, open, all }, { params }) {
    const whiteOf = ({ profile: { ground } }: Worn) =>
      ground && isNearWhite(ground.shade) ? ground.shade : null;
    const differ = (one: Worn, other: Worn) => {
      const [first, second] = [whiteOf(one), whiteOf(other)];
      return first !== null && second !== null && Math.abs(first.b - second.b) >= params.least;
    };
    const touching = on.touches.filter(({ upper, lower }) => differ(upper, lower)).length;
    const mayTouch = [...open].reduce((sum, [slot, items]) => {
      const meets = items.some((item) => whiteOf(item) !== null && all.some((other) => differ(item, other)));
      return meets ? sum + (touchesOf[slot] ?? 0) : sum;
    }, 0);
    return hopeFor(...Array.from({ length: touching + mayTouch }, () => "lifts" as const));
  },
});

/** How many others a piece of a slot can touch; of the other slots nothing touches anything. */
const touchesOf: Partial<Record<Slot, number>> = { neck: 1, bag: 1, hosiery: 2, shoe: 2 };

/** One a white and the other almost one, both plain. */
function almost(touch: Touch, upper: Shade, lower: Shade): boolean {
  const [one, other] = isNearWhite(upper) ? [upper, lower] : [lower, upper];
  return (isNearWhite(one) || isAlmostWhite(one)) && isAlmostWhite(other) && printOf(touch) === null;
}

function printOf({ upper, lower }: Touch): Worn | null {
  if (upper.piece.pattern !== "plain") return upper;
  return lower.piece.pattern !== "plain" ? lower : null;
}

/** In how many kinds of accessory a beige, a tan or a brown is met. */
function tansOf({ accessories }: Dressed): number {
  const isTan = ({ profile: { ground } }: Worn) =>
    ground !== null && (ground.family === "tan" || ground.family === "brown" || ground.family === "beige");
  return new Set(accessories.filter(isTan).map(({ piece }) => piece.kind)).size;
}
