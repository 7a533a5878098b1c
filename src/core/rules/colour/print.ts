import { difference } from "../../colour/difference";
import { loudnessOf } from "../../colour/print";
import type { Worn } from "../../dressing/dressed";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost, figure } from "../figures";
import type { Finding } from "../finding";
import { swapOrTakeOff } from "../proposals";
import { hopeFor, noHope } from "../outlook";

export const print = defineRule({
  id: "colour.print",
  reads: "everything",
  title: "One loud print",
  fault: "prints at odds",
  why: "A loud print wants the floor to itself: plain legs, and a shoe from its ground or its darkest colour. Two loud prints agree only when they share colours and differ plainly in scale.",
  params: {
    loud: param(0.035, "ratio", "contrast x scale x area from which a print is loud"),
    shared: param(2, "count", "colours two loud prints must share"),
    scales: param(2, "ratio", "how many times larger one must be than the other"),
    same: param(12, "dE", "difference up to which two colours are one"),
  },
  messages: {
    pair: "{print} and {other} share {met} colours in clearly different sizes: the two prints make a pair.",
    two: "{print} and {other} are two loud prints at once.",
    legs: "{print} {printCount, plural, one {is} other {are}} loud, and {hosiery} {hosieryCount, plural, one {competes} other {compete}} with {printCount, plural, one {it} other {them}}. A loud print needs plain legs.",
    foot: "{shoe} {shoeCount, plural, one {takes its} other {take their}} colour from {print}, so the print has something to stand on.",
  },
  concerns: ({ piece }) => piece.pattern !== "plain" || piece.kind === "shoe",
  read(dressed, { params, judge }) {
    const prints = dressed.visible
      .filter(({ piece }) => piece.pattern !== "plain")
      .map((item) => ({ item, loudness: loudnessOf(item.piece, item.profile.character, item.area) }))
      .sort((one, other) => other.loudness - one.loudness);
    const [first, second] = prints.filter(({ loudness }) => loudness >= params.loud);
    if (!first) return [];
    const loudness = figure("loudness of the print", first.loudness, "ratio");
    if (second) {
      const met = sharedColours(first.item, second.item, params.same);
      const ratio = scaleRatio(first.item, second.item);
      const agree = met >= params.shared && ratio >= params.scales;
      return [
        judge(agree ? "sings" : "jars", agree ? "pair" : "two", {
          of: { print: first.item, other: second.item },
          figures: {
            met: figure("colours shared", met, "count"),
            ratio: figure("scale of one over the other", ratio, "ratio"),
            loudness,
          },
          proposals: agree ? [] : swapOrTakeOff(first.item.piece, second.item.piece),
        }),
      ];
    }
    const findings: Finding[] = [];
    const hosiery = prints.find(({ item }) => item.piece.kind === "hosiery")?.item;
    if (hosiery)
      findings.push(
        judge("jars", "legs", {
          of: { print: first.item, hosiery },
          figures: { loudness },
          proposals: swapOrTakeOff(hosiery.piece),
        }),
      );
    const shoe = dressed.visible.find(({ piece }) => piece.kind === "shoe");
    const apart = shoe && shoe !== first.item ? fromPrint(shoe, first.item) : null;
    if (shoe && apart !== null && apart <= params.same) {
      const figures = { apart: atMost("shoe from the print's ground or darkest", apart, "dE", params.same) };
      findings.push(judge("lifts", "foot", { of: { shoe, print: first.item }, figures }));
    }
    return findings;
  },
  hope({ on, open, all }, { params }) {
    // A print takes less of the look with every piece that is put on, and is never louder than now.
    const loud = all.filter(
      ({ piece, profile, area }) =>
        piece.pattern !== "plain" && loudnessOf(piece, profile.character, area) >= params.loud,
    );
    const agree = (one: Worn, other: Worn) =>
      one !== other &&
      sharedColours(one, other, params.same) >= params.shared &&
      scaleRatio(one, other) >= params.scales;
    if (loud.some((one) => loud.some((other) => agree(one, other)))) return hopeFor("sings");
    const shoes = open.get("shoe") ?? (on.shoe ? [on.shoe] : []);
    const stands = loud.some((item) =>
      shoes.some((shoe) => shoe !== item && (fromPrint(shoe, item) ?? Infinity) <= params.same),
    );
    return stands ? hopeFor("lifts") : noHope;
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

/** How far a shoe's colour lies from the print's ground or its darkest colour, dE; null without a colour. */
function fromPrint({ profile: { ground: own } }: Worn, { profile }: Worn): number | null {
  const { ground, tints } = profile;
  if (!own || !ground) return null;
  const darkest = tints.reduce((found, tint) => (tint.shade.L < found.shade.L ? tint : found), ground);
  return Math.min(difference(own.shade, ground.shade), difference(own.shade, darkest.shade));
}
