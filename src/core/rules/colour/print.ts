import { difference } from "../../colour/difference";
import { loudnessOf } from "../../colour/print";
import type { Dressed, Worn } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import type { Judgement } from "../finding";
import { swapOrTakeOff } from "../visible";

export const print = defineRule({
  id: "colour.print",
  lens: "colour",
  weight: 1,
  title: "One loud print",
  why: "A loud print wants the floor to itself: plain legs, and a shoe from its ground or its darkest colour. Two loud prints agree only when they share colours and differ plainly in scale.",
  params: {
    loud: param(0.035, "ratio", "contrast x scale x area from which a print is loud"),
    shared: param(2, "count", "colours two loud prints must share"),
    scales: param(2, "ratio", "how many times larger one must be than the other"),
    same: param(12, "dE", "difference up to which two colours are one"),
  },
  read(dressed, { loud, shared, scales, same }) {
    const prints = dressed.visible
      .filter(({ piece }) => piece.pattern !== "plain")
      .map((item) => ({ item, loudness: loudnessOf(item.piece, item.profile.character, item.area) }))
      .sort((one, other) => other.loudness - one.loudness);
    const [first, second] = prints.filter(({ loudness }) => loudness >= loud);
    if (!first) return [];
    const names = { print: first.item.piece.name };
    const figures = { loudness: figure("loudness of the print", first.loudness, "ratio") };
    if (second) {
      const met = sharedColours(first.item, second.item, same);
      const ratio = scaleRatio(first.item, second.item);
      const agree = met >= shared && ratio >= scales;
      return [
        {
          effect: agree ? "sings" : "jars",
          say: agree
            ? "{print} and {other} share {met} colours at {ratio} times the scale: a pair."
            : "Two loud prints at once: {print} and {other} share {met} colours, and one is {ratio} times the other's scale.",
          names: { other: second.item.piece.name, ...names },
          figures: {
            met: figure("colours shared", met, "count"),
            ratio: figure("scale of one over the other", ratio, "ratio"),
            ...figures,
          },
          pieces: [first.item.piece.id, second.item.piece.id],
          proposals: agree ? [] : swapOrTakeOff([first.item.piece, second.item.piece]),
        },
      ];
    }
    return [
      ...legs(
        prints.map(({ item }) => item),
        first.item,
        figures,
      ),
      ...footOf(dressed, first.item, same),
    ];
  },
});

function sharedColours(one: Worn, other: Worn, same: number): number {
  return one.profile.tints.filter((tint) =>
    other.profile.tints.some((met) => difference(tint.shade, met.shade) <= same),
  ).length;
}

function scaleRatio(one: Worn, other: Worn): number {
  const [small = 0, large = 0] = [one.piece.patternScale, other.piece.patternScale].sort((a, b) => a - b);
  return small > 0 ? large / small : 1;
}

/** A patterned leg under a loud print. */
function legs(prints: readonly Worn[], loud: Worn, figures: Judgement["figures"] & object): Judgement[] {
  const hosiery = prints.find(({ piece }) => piece.kind === "hosiery");
  if (!hosiery) return [];
  return [
    {
      effect: "jars",
      say: "{print} is loud ({loudness}), and {hosiery} argue with it: a loud print wants plain legs.",
      names: { print: loud.piece.name, hosiery: hosiery.piece.name },
      figures,
      pieces: [loud.piece.id, hosiery.piece.id],
      proposals: swapOrTakeOff([hosiery.piece]),
    },
  ];
}

/** The shoe against the print's ground and its darkest colour. */
function footOf({ shoe }: Dressed, loud: Worn, same: number): Judgement[] {
  const own = shoe?.profile.ground;
  const ground = loud.profile.ground;
  if (!shoe || !own || !ground || shoe === loud) return [];
  const darkest = loud.profile.tints.reduce(
    (found, tint) => (tint.shade.L < found.shade.L ? tint : found),
    ground,
  );
  const apart = Math.min(difference(own.shade, ground.shade), difference(own.shade, darkest.shade));
  if (apart > same) return [];
  return [
    {
      effect: "lifts",
      say: "{shoe} takes its colour from {print} ({apart}): the print stands on its own ground.",
      names: { shoe: shoe.piece.name, print: loud.piece.name },
      figures: { apart: atMost("shoe from the print's ground or darkest", apart, "dE", same) },
      pieces: [shoe.piece.id, loud.piece.id],
    },
  ];
}
