import { difference } from "../../colour/difference";
import { isSkinTone } from "../../colour/family";
import { shadeOf, type Shade } from "../../colour/shade";
import type { Dressed, Interval } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, figure } from "../figures";

export const line = defineRule({
  id: "colour.line",
  lens: "proportion",
  weight: 1,
  title: "The longest run of one colour",
  why: "From waist to toe the eye runs on as long as the colour does; each change of colour is a stop.",
  params: {
    same: param(12, "dE", "difference up to which neighbours run on"),
    long: param(0.5, "share", "share of the height from which the run is long"),
  },
  read(dressed, { same, long }) {
    const { look, body } = dressed;
    const stretches = stretchesOf(dressed);
    if (stretches.length < 2) return [];
    const skin = shadeOf(look.client.colouring.skin);
    const skinShoe = stretches.some(({ foot, shade }) => foot && isSkinTone(shade, skin));
    const run = longestRun(stretches, (one, other) => {
      const bare = one.bare || other.bare;
      return bare ? skinShoe && (one.foot || other.foot) : difference(one.shade, other.shade) <= same;
    });
    const share = run / body.height;
    const figures = {
      run: figure("longest run from waist to toe", run, "cm"),
      share: look.client.goals.longerLegLine
        ? atLeast("share of the height", share, "share", long)
        : figure("share of the height", share, "share"),
    };
    if (look.client.goals.longerLegLine && share >= long)
      return [
        {
          effect: "lifts",
          say: "One colour runs {run}, {share} of the height: the long line that was asked for.",
          figures,
          pieces: [],
        },
      ];
    return [
      {
        effect: "note",
        say: "From waist to toe one colour runs {run}, {share} of the height.",
        figures,
        pieces: [],
        ...(look.client.goals.longerLegLine && {
          proposals: [
            { kind: "wear", slot: "shoe" },
            { kind: "wear", slot: "hosiery" },
          ] as const,
        }),
      },
    ];
  },
});

interface Stretch extends Interval {
  readonly shade: Shade;
  readonly bare: boolean;
  readonly foot: boolean;
}

/** What is seen from the waist down, from the waist to the floor. */
function stretchesOf({ worn, hosiery, bareLeg, body, look }: Dressed): Stretch[] {
  const waist = body.measures.waistLine.cm;
  const stretches: Stretch[] = [];
  for (const { piece, place, seen, profile } of worn) {
    const below =
      place === "bottom" || place === "whole" || piece.kind === "hosiery" || piece.kind === "shoe";
    const shade = profile.ground?.shade;
    if (!below || !shade) continue;
    for (const part of seen) {
      const to = Math.min(part.to, waist);
      if (to > part.from)
        stretches.push({ from: part.from, to, shade, bare: false, foot: piece.kind === "shoe" });
    }
  }
  if (bareLeg && !(hosiery && hosiery.seen.length > 0))
    stretches.push({ shade: shadeOf(look.client.colouring.skin), bare: true, foot: false, ...bareLeg });
  return stretches.sort((one, other) => other.to - one.to);
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
