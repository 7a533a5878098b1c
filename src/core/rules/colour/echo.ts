import { definePairRule } from "../define-rule";
import { atMost } from "../figures";
import type { Finding } from "../finding";
import { takeOff, wear } from "../proposals";
import { accentLimitsOf, isAccent } from "./accent-colour";
import { echoParams, entriesOf, nearestAnswer, type Entry } from "./echo-entries";
import { unanswered } from "./unanswered";
import { bridging, neutralAnswer } from "./neutral-answer";
import { hopeOfEcho } from "./echo-hope";

/** Slots in which an answer is soonest found. */
const answering = wear("earrings", "bag", "neck", "belt", "shoe", "hosiery");

export const echo = definePairRule({
  id: "colour.echo",
  reads: "everything",
  title: "A colour that enters alone wants an answer",
  fault: "a colour on its own",
  why: "A colour met once looks like a slip; met twice, at two heights, it looks chosen. Blacks and leathers answer one another as well as colours do. One colour may stand alone as the accent of the look.",
  params: echoParams,
  messages: {
    picked: "{piece} {pieceCount, plural, one {picks} other {pick}} up the {family} in the print of {other}.",
    answer: "{piece} and {other} pick up one another's {family}.",
    neutral: "{piece} and {other} are both {family}, which ties the two ends of the look together.",
    bridge:
      "{print} {printCount, plural, one {has} other {have}} the colours of {one} and of {other}, and {printCount, plural, one {ties} other {tie}} them together.",
    lone: "The {family} of {pieces} stands alone: nothing else in the look repeats it.",
    half: "The {family} of {pieces} is only half repeated. Another touch of it would make it look meant.",
    only: "The {family} of {pieces} stands alone in this look.",
    bare: "Nothing repeats the {family} of {garment} yet: an accessory could.",
  },
  pair: ["picked", "answer", "neutral"],
  read(pair, { params, judge }) {
    const { distance } = params;
    const entries = entriesOf(pair, params);
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
    const neutral = neutralAnswer(pair, params, best?.nearest ? [best.item, best.nearest.item] : []);
    if (neutral) {
      const { one, other, family, apart } = neutral;
      const figures = { apart: atMost("difference of the two", apart, "dE", distance) };
      findings.push(judge("lifts", "neutral", { of: { piece: one, other }, words: { family }, figures }));
    }
    const bridge = bridging(pair, params);
    if (bridge) findings.push(judge("lifts", "bridge", { of: bridge }));
    const orphans: Entry[] = [];
    const half: Entry[] = [];
    for (const entry of entries) {
      if (entry.alone) orphans.push(entry);
      else if (!entry.answered) half.push(entry);
    }
    if (half.length > 0 && isOfMany(orphans, half)) {
      const pieces = [...new Set(half.map(({ item }) => item.piece))];
      const words = { family: [...new Set(half.map(({ tint }) => tint.family))].join(" and ") };
      findings.push(judge("note", "half", { of: { pieces }, words, onEdge: true }));
    }
    const [first, ...more] = orphans;
    // One colour alone, deep or clear, is the accent of the look, which has a rule of its own.
    if (first && (more.length > 0 || !isAccent(first.tint, accentLimitsOf(pair.look.client.ruleBook)))) {
      const pieces = [...new Set(orphans.map(({ item }) => item.piece))];
      const words = { family: [...new Set(orphans.map(({ tint }) => tint.family))].join(" and ") };
      const figures = first.nearest && {
        nearest: atMost("nearest colour", first.nearest.distance, "dE", distance),
      };
      const facts = { of: { pieces }, words, ...(figures && { figures }) };
      const proposals = [...pieces.map(takeOff), ...answering];
      const effect = pieces.length > 1 ? "jars" : "rubs";
      findings.push(judge(effect, figures ? "lone" : "only", { proposals }, facts));
    }
    const garment = unanswered(pair, distance, params.minShare);
    if (garment) {
      const words = { family: garment.family };
      findings.push(judge("note", "bare", { of: { garment: garment.item }, words, proposals: answering }));
    }
    return findings;
  },
  hope: (outlook, { params }) => hopeOfEcho(outlook, params),
});

/** Whether entries are of more than one piece. */
function isOfMany(...lists: readonly (readonly Entry[])[]): boolean {
  let first: Entry["item"] | null = null;
  for (const entries of lists)
    for (const { item } of entries) {
      first ??= item;
      if (item !== first) return true;
    }
  return false;
}
