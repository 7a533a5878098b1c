import { difference } from "../../colour/difference";
import type { PairView } from "../../dressing/pair";
import type { Slot } from "../../piece/slots";
import { definePairRule } from "../define-rule";
import { atMost } from "../figures";
import type { Finding } from "../finding";
import { takeOff, wear } from "../proposals";
import { echoParams, entriesOf, type Entry } from "./echo-entries";

/** Slots in which an answer is soonest found. */
const answering: readonly Slot[] = ["earrings", "bag", "neck", "belt", "shoe", "hosiery"];

export const echo = definePairRule({
  id: "colour.echo",
  title: "A colour that enters alone wants an answer",
  why: "A colour met once looks like a slip; met twice, at two heights, it looks chosen. One clear colour may stand alone as the accent of the look.",
  params: echoParams,
  messages: {
    picked:
      "{piece} {pieceCount, plural, one {picks} other {pick}} the {family} out of the print of {other} ({apart}).",
    answer: "{piece} and {other} answer each other in {family} ({apart}).",
    accent: "One accent, {pieces}: {family}, clear, and alone on purpose.",
    lone: "{family} comes in with {pieces} and is met nowhere else (nearest {nearest} away).",
    only: "{family} comes in with {pieces} and is met nowhere else.",
    bare: "The {family} of {garment} is met nowhere else: let an accessory take it up.",
  },
  pair: ["picked", "answer"],
  read(dressed, { params, judge }) {
    const { distance } = params;
    const entries = entriesOf(dressed, params);
    const findings: Finding[] = [];
    const best = nearestAnswer(entries);
    if (best?.nearest) {
      const { item, tint, nearest } = best;
      const printed = nearest.item.piece.pattern !== "plain";
      findings.push(
        judge(printed ? "sings" : "lifts", printed ? "picked" : "answer", {
          of: { piece: item, other: nearest.item },
          words: { family: tint.family },
          figures: { apart: atMost("difference of the two", nearest.distance, "dE", distance) },
        }),
      );
    }
    const orphans = entries.filter(({ answered }) => !answered);
    const [first, ...more] = orphans;
    if (first) {
      const pieces = [...new Set(orphans.map(({ item }) => item.piece))];
      const words = { family: [...new Set(orphans.map(({ tint }) => tint.family))].join(" and ") };
      const figures = first.nearest && {
        nearest: atMost("nearest answer", first.nearest.distance, "dE", distance),
      };
      const facts = { of: { pieces }, words, ...(figures && { figures }) };
      const clear = !first.tint.neutral && first.tint.shade.clarity >= params.clear;
      if (more.length === 0 && clear) findings.push(judge("note", "accent", facts));
      else {
        const proposals = [...pieces.map(takeOff), ...wear(...answering)];
        const effect = pieces.length > 1 ? "jars" : "rubs";
        findings.push(judge(effect, figures ? "lone" : "only", { proposals }, facts));
      }
    }
    const garment = unanswered(dressed, distance, params.minShare);
    if (garment) {
      const words = { family: garment.family };
      findings.push(
        judge("note", "bare", { of: { garment: garment.item }, words, proposals: wear(...answering) }),
      );
    }
    return findings;
  },
});

function nearestAnswer(entries: readonly Entry[]): Entry | null {
  let found: Entry | null = null;
  let least = Infinity;
  for (const entry of entries) {
    if (!entry.answered || !entry.nearest || entry.nearest.distance >= least) continue;
    least = entry.nearest.distance;
    found = entry;
  }
  return found;
}

/** A colour of the base that no accessory has taken up yet: an invitation, not a fault. */
function unanswered({ worn, palette }: PairView, distance: number, minShare: number) {
  // Garments come first: with fewer than two there is nothing for an accessory to join.
  if (worn[1]?.slot !== null) return null;
  for (const item of worn) {
    const { ground } = item.profile;
    if (item.slot !== null || !ground || ground.neutral || ground.share < minShare) continue;
    const met = palette.some(
      (other) => other.item !== item && difference(other.tint.shade, ground.shade) <= distance,
    );
    if (!met) return { item, family: ground.family };
  }
  return null;
}
