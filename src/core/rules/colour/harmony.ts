import { putInOrder } from "../../lists/put-in-order";
import type { Tint } from "../../dressing/profile";
import type { Dressed, Patch, Worn } from "../../dressing/dressed";
import { param, type Values } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { figure } from "../figures";
import { wear } from "../proposals";
import { hueApart } from "./tonal";
import { hopeFor, noHope, surely } from "../outlook";

const harmonyParams = {
  area: param(0.06, "share", "share of the look from which a colour is one of its larger areas"),
  chroma: param(14, "C*", "chroma from which it is a colour"),
  tonal: param(30, "deg", "up to this far apart two hues are one colour"),
  neighbours: param(60, "deg", "up to this far they are neighbours"),
  far: param(120, "deg", "up to this far they want a third colour between them, or one of them muted"),
  between: param(0.25, "ratio", "part of the way from either that a third has at least"),
  third: param(0.02, "share", "share of the look from which a third colour is heard"),
  opposite: param(150, "deg", "from here they are opposites"),
  muted: param(0.35, "ratio", "clarity under which a colour is muted"),
  clear: param(0.65, "ratio", "clarity over which it is clear"),
  equal: param(0.5, "ratio", "the smaller area over the larger from which they are near equal"),
  small: param(0.25, "ratio", "the same under which one is small"),
  like: param(12, "L*", "difference of depth up to which a muted colour looks dusty beside a clear one"),
} as const;

export const harmony = defineRule({
  id: "colour.harmony",
  reads: "everything",
  title: "How the larger colours go together",
  fault: "colours at odds",
  why: "Neighbours on the wheel flow into each other, opposites set each other off if one gives way; two strong colours that are neither fight.",
  params: harmonyParams,
  schools: ["colours"],
  messages: {
    neighbours:
      "The {one} of {first} and the {other} of {second} are neighbouring colours and sit well together.",
    opposites:
      "The {one} of {first} and the {other} of {second} are opposites, and one of them stays in the background: it works.",
    loud: "The {one} of {first} and the {other} of {second} are both strong and equally large: they fight.",
    joined:
      "{third} {thirdCount, plural, one {leads} other {lead}} from the {one} of {first} to the {other} of {second}.",
    strangers:
      "The {one} of {first} and the {other} of {second} have nothing in common. Add a colour between them, or make one of them quieter.",
    dusty: "Beside the clear {other} of {second}, the {one} of {first} looks dusty.",
  },
  concerns: ({ patches, profile: { tints } }, params) =>
    tints.length > 1 ||
    patches.some((patch) => isColour(patch.tint, params.chroma) && patch.area >= params.third),
  read(dressed, { params, schools, judge }) {
    const pair = largestTwo(dressed, params);
    if (!pair) return [];
    const [one, other] = pair;
    const hues = hueApart(one.tint.shade.hue, other.tint.shade.hue);
    const facts = {
      of: { first: one.item, second: other.item },
      words: { one: one.tint.family, other: other.tint.family },
      figures: { hues: figure("hues apart", hues, "deg") },
    };
    const clarities = [one.tint.shade.clarity, other.tint.shade.clarity];
    const [low, high] = [Math.min(...clarities), Math.max(...clarities)];
    const ratio = Math.min(one.area, other.area) / Math.max(one.area, other.area);
    const muted = low < params.muted;
    const bothClear = low > params.clear;
    if (hues > params.neighbours && hues < params.opposite && bothClear && ratio >= params.equal) {
      const effect = schools.colours === "at most four" ? "note" : "rubs";
      return [judge(effect, "loud", { proposals: wear("layer", "neck") }, facts)];
    }
    const depth = Math.abs(one.tint.shade.L - other.tint.shade.L);
    if (hues <= params.tonal && muted && high > params.clear && depth <= params.like) {
      const [dull, clear] = one.tint.shade.clarity < other.tint.shade.clarity ? [one, other] : [other, one];
      const of = { first: dull.item, second: clear.item };
      const words = { one: dull.tint.family, other: clear.tint.family };
      return [judge("rubs", "dusty", { of, words, proposals: wear("layer", "neck") }, facts)];
    }
    const wants = hues > params.neighbours && hues <= params.far && !muted;
    const third = wants ? betweenThem(dressed, one, other, params) : null;
    if (wants && !third && !holdsBoth(dressed, one, other, params)) {
      const effect = schools.colours === "at most four" ? "note" : "rubs";
      return [judge(effect, "strangers", { proposals: wear("layer", "neck") }, facts)];
    }
    // A base by itself is not yet a look: it is praised once something was put with it.
    if (dressed.accessories.length === 0) return [];
    if (hues > params.tonal && hues <= params.neighbours && !bothClear)
      return [judge("lifts", "neighbours", facts)];
    if (third) return [judge("lifts", "joined", { of: { ...facts.of, third } }, facts)];
    if (hues >= params.opposite && (muted || ratio <= params.small))
      return [judge("lifts", "opposites", facts)];
    return [];
  },
  hope({ on, may, grows }, { params, said }) {
    const mayEnter = may.some(({ area, profile: { tints } }) =>
      tints.some((tint) => isColour(tint, params.chroma) && area * tint.share >= params.area),
    );
    if (mayEnter) return hopeFor("lifts");
    const large = on.palette.filter(({ area, tint }) => isColour(tint, params.chroma) && area >= params.area);
    const pair = largestTwo(on, params);
    if (!pair) return noHope;
    if (large.some(({ area }) => area / grows < params.area)) return hopeFor("lifts");
    // The two that are largest now stay so, and only a third colour between them can still change what is said.
    const [first] = said();
    if (first?.message === "loud" || first?.message === "dusty") return surely([first]);
    const [one, other] = pair;
    const hues = hueApart(one.tint.shade.hue, other.tint.shade.hue);
    const wants = hues > params.neighbours && hues <= params.far;
    return first || wants || on.accessories.length === 0 ? hopeFor("lifts") : noHope;
  },
});

function isColour({ neutral, shade }: Tint, chroma: number): boolean {
  return !neutral && shade.C >= chroma;
}

/** The two largest chromatic areas of different hue, garments and accessories alike. */
function largestTwo(
  { palette }: Dressed,
  { area, chroma, tonal }: Values<typeof harmonyParams>,
): readonly [Patch, Patch] | null {
  let large: Patch[] | null = null;
  for (const patch of palette)
    if (patch.area >= area && isColour(patch.tint, chroma)) (large ??= []).push(patch);
  if (!large) return null;
  const [first, ...rest] = putInOrder(large, theLargestFirst);
  if (!first) return null;
  const others = rest.filter(({ item }) => item !== first.item);
  const apart = others.find(({ tint }) => hueApart(tint.shade.hue, first.tint.shade.hue) > tonal);
  const second = apart ?? others[0];
  return second ? [first, second] : null;
}

function theLargestFirst(one: Patch, other: Patch): number {
  return other.area - one.area || (one.item.piece.id < other.item.piece.id ? -1 : 1);
}

/** A piece of a colour that lies well between the two on the wheel. */
function betweenThem(
  { palette }: Dressed,
  one: Patch,
  other: Patch,
  { chroma, third, between }: Values<typeof harmonyParams>,
): Worn | null {
  const hues = hueApart(one.tint.shade.hue, other.tint.shade.hue);
  const found = palette.find(({ tint, area }) => {
    if (!isColour(tint, chroma) || area < third) return false;
    const toOne = hueApart(tint.shade.hue, one.tint.shade.hue);
    const toOther = hueApart(tint.shade.hue, other.tint.shade.hue);
    return toOne < hues && toOther < hues && Math.min(toOne, toOther) / hues >= between;
  });
  return found?.item ?? null;
}

/** Whether one piece holds both colours: a print joins what it is printed with. */
function holdsBoth(
  { visible }: Dressed,
  one: Patch,
  other: Patch,
  { chroma, tonal }: Values<typeof harmonyParams>,
): boolean {
  const holds = ({ profile }: Worn, { tint }: Patch) =>
    profile.tints.some((own) => isColour(own, chroma) && hueApart(own.shade.hue, tint.shade.hue) <= tonal);
  return visible.some((item) => holds(item, one) && holds(item, other));
}
