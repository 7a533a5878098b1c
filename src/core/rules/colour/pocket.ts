import { isTailoredLayer } from "../../piece/piece";
import { param } from "../../rule-book/params";
import { difference } from "../../colour/difference";
import type { Dressed, Worn } from "../../dressing/dressed";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import { swapOrTakeOff, takeOff } from "../proposals";

export const pocket = defineRule({
  id: "colour.pocket",
  reads: ["pocket", "neck"],
  title: "What the pocket square answers",
  fault: "the pocket square",
  why: "A pocket square takes up a colour of the shirt or the tie; of the very same cloth as the tie it looks like a boxed pair, and without a tailored chest there is no pocket to hold it.",
  params: {
    answers: param(12, "dE", "how near a colour of shirt or tie must come to be answered"),
    copy: param(2.5, "dE", "up to this the square is a copy of the tie"),
  },
  messages: {
    homeless: "Nothing here has a breast pocket for {square}.",
    copy: "{square} {squareCount, plural, one {is} other {are}} the same colour as {tie}. Change one of the two.",
    answers: "{square} {squareCount, plural, one {picks} other {pick}} up a colour of {other}.",
  },
  read(dressed, { params, judge }) {
    const square = dressed.worn.find(({ piece }) => piece.kind === "pocket square");
    if (!square) return [];
    if (!dressed.worn.some(({ piece }) => isTailoredLayer(piece)))
      return [judge("rubs", "homeless", { of: { square }, proposals: [takeOff(square.piece)] })];
    const tie = dressed.visible.find(({ piece }) => piece === dressed.neck.scarf);
    const toTie = tie ? nearest(square, tie) : Infinity;
    if (tie && toTie <= params.copy && square.piece.pattern === tie.piece.pattern) {
      const figures = { apart: atLeast("square from tie", toTie, "dE", params.copy) };
      return [
        judge("note", "copy", { of: { square, tie }, figures, proposals: swapOrTakeOff(square.piece) }),
      ];
    }
    const met = [...(tie ? [tie] : []), ...besideTie(dressed)]
      .map((other) => ({ other, apart: nearest(square, other) }))
      .sort((one, next) => one.apart - next.apart)[0];
    if (!met || met.apart > params.answers) return [];
    const figures = { apart: atMost("difference of the two", met.apart, "dE", params.answers) };
    return [judge("lifts", "answers", { of: { square, other: met.other }, figures })];
  },
});

/** What is seen between the lapels: the shirt, and a knit over it, or the dress. */
function besideTie({ tops, visible }: Dressed): readonly Worn[] {
  return tops.length > 0 ? tops : visible.filter(({ place }) => place === "whole");
}

/** How near the colours of two pieces come, dE. */
function nearest(one: Worn, other: Worn): number {
  let least = Infinity;
  for (const own of one.profile.tints)
    for (const met of other.profile.tints) least = Math.min(least, difference(own.shade, met.shade));
  return least;
}
