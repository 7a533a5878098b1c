import { putInOrder } from "../../lists/put-in-order";
import { difference } from "../../colour/difference";
import { isSkinTone } from "../../colour/family";
import type { Shade } from "../../colour/shade";
import type { Dressed } from "../../dressing/dressed";
import type { Interval } from "../../length/interval";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, figure } from "../figures";
import { wear } from "../proposals";

export const colourLine = defineRule({
  id: "proportion.colour-line",
  reads: ["hosiery", "shoe"],
  title: "The longest run of one colour",
  fault: "the line of the leg",
  why: "From waist to toe the eye runs on as long as the colour does; each change of colour is a stop.",
  params: {
    same: param(12, "dE", "difference up to which neighbours run on"),
    long: param(0.5, "share", "share of the height from which the run is long"),
  },
  messages: {
    asked: "One colour runs for {run}, {share} of the height: the long line that was asked for.",
    runs: "One colour runs from waist to toe, {share} of the height.",
  },
  read(dressed, { params, judge }) {
    const { look, body } = dressed;
    const stretches = stretchesOf(dressed);
    if (stretches.length < 2) return [];
    const { skin } = look.client.colouring;
    const skinShoe = stretches.some(({ foot, shade }) => foot && shade !== "bare" && isSkinTone(shade, skin));
    const run = longestRun(stretches, (one, other) => {
      if (one.shade === "bare" || other.shade === "bare") return skinShoe && (one.foot || other.foot);
      return difference(one.shade, other.shade) <= params.same;
    });
    const share = run / body.height;
    const asked = look.client.goals.longerLegLine;
    const figures = {
      run: figure("longest run from waist to toe", run, "cm"),
      share: asked
        ? atLeast("share of the height", share, "share", params.long)
        : figure("share of the height", share, "share"),
    };
    if (asked && share >= params.long) return [judge("lifts", "asked", { figures })];
    return [judge("note", "runs", { figures, proposals: asked ? wear("shoe", "hosiery") : [] })];
  },
});

interface Stretch extends Interval {
  readonly shade: Shade | "bare";
  readonly foot: boolean;
}

/** What is seen from the waist down, from the waist to the floor. */
function stretchesOf({ worn, hosiery, bareLeg, body }: Dressed): Stretch[] {
  const waist = body.measures.waistLine.cm;
  const stretches: Stretch[] = [];
  for (const { piece, place, seen, profile } of worn) {
    const foot = piece.kind === "shoe";
    const shade = profile.ground?.shade;
    if (!shade || !(foot || place === "bottom" || place === "whole" || piece.kind === "hosiery")) continue;
    for (const { from, to } of seen)
      if (Math.min(to, waist) > from) stretches.push({ from, to: Math.min(to, waist), shade, foot });
  }
  if (bareLeg && !(hosiery && hosiery.seen.length > 0))
    stretches.push({ shade: "bare", foot: false, ...bareLeg });
  return putInOrder(stretches, (one, other) => other.to - one.to);
}

function longestRun(
  stretches: readonly Stretch[],
  runsOn: (one: Stretch, other: Stretch) => boolean,
): number {
  let longest = 0;
  let run = 0;
  stretches.forEach((stretch, i) => {
    const before = stretches[i - 1];
    const length = stretch.to - stretch.from;
    run = before && runsOn(before, stretch) ? run + length : length;
    longest = Math.max(longest, run);
  });
  return longest;
}
