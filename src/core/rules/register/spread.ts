import { putInOrder } from "../../lists/put-in-order";
import { hopeOfSpread } from "./spread-hope";
import type { Worn } from "../../dressing/dressed";
import { slotOf, type Piece } from "../../piece/piece";
import { isLevelled, type Levelled } from "../../dressing/level";
import { levelWord } from "../../register/ladder";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import type { Finding } from "../finding";
import { wear } from "../proposals";
import { isPlainHosiery, spreadParams, standingOf, type Standing } from "./standing";
import { trainersUnderTailoring, type TrainersUnderTailoring } from "./trainers-meant";

export const spread = defineRule({
  id: "register.spread",
  reads: "everything",
  title: "Every piece within reach of the level",
  fault: "a piece out of its level",
  why: "A piece a little off the level makes an outfit interesting if something else leans the same way; far off, it belongs to another day. No piece is excused by the level it has pulled the look to.",
  params: spreadParams,
  schools: ["trainers"],
  messages: {
    far: "{piece} {pieceCount, plural, one {is} other {are}} {word}, and everything else is {around}: they do not belong on the same day.",
    meant:
      "{piece} {pieceCount, plural, one {is} other {are}} {way} than the rest, and {partner} {partnerCount, plural, one {goes} other {go}} the same way: that looks meant.",
    nearly:
      "{piece} {pieceCount, plural, one {is} other {are}} {way} than the rest, and {partner} only just {partnerCount, plural, one {makes} other {make}} it look meant.",
    just: "{piece} {pieceCount, plural, one {only just goes} other {only just go}} with a look that is otherwise {around}.",
    alone:
      "{piece} {pieceCount, plural, one {is} other {are}} {word}, and nothing else in this {around} look is.",
  },
  read(dressed, { params, judge }) {
    const { level, visible } = dressed;
    if (level === null) return [];
    const contrast = trainersUnderTailoring(dressed);
    const seen: Levelled[] = [];
    const apart: { readonly item: Levelled; readonly off: Standing }[] = [];
    for (const item of visible) {
      if (!isLevelled(item) || (contrast && isJudged(item.piece, contrast))) continue;
      seen.push(item);
      const off = standingOf(item, dressed, params);
      if (off) apart.push({ item, off });
    }
    if (apart.length === 0) return [];
    // In what order pieces were put on must not matter to which of them answer one another.
    putInOrder(apart, (one, other) => (one.item.piece.id < other.item.piece.id ? -1 : 1));
    const answered = new Set<Worn>();
    const findings: Finding[] = [];
    for (const { item, off } of apart) {
      const onEdge = off.excess > -params.sure;
      const say = (...[effect, message, own]: Parameters<typeof judge>) =>
        void findings.push(judge(effect, message, own, factsOf(item, off)));
      if (off.excess > 0) say("jars", "far");
      else if (off.outside <= params.silent) say("note", "just", { onEdge, proposals: [] });
      else if (isPlainHosiery(item) || answered.has(item)) {
        if (onEdge) say("note", "just", { onEdge });
      } else {
        const way = item.centre < level ? -1 : 1;
        const partner = partnerOf(item, seen, (centre) => way * (centre - level) >= params.leans);
        if (!partner) say("rubs", "alone", { onEdge });
        else {
          answered.add(partner);
          const words = { way: way < 0 ? "more casual" : "dressier" };
          const own = { of: { piece: item, partner }, words, proposals: [], onEdge };
          say(onEdge ? "note" : "lifts", onEdge ? "nearly" : "meant", own);
        }
      }
    }
    return findings;
  },
  hope: (outlook, { params }) => hopeOfSpread(outlook, params),
});

/** What is said of a piece that is off the level. */
function factsOf(item: Levelled, { low, high, against }: Standing) {
  const slot = slotOf(item.piece);
  return {
    of: { piece: item.piece },
    words: { word: levelWord(item.centre), around: levelWord(against) },
    figures: { level: within("level of the look", against, "step", [low, high]) },
    proposals: slot === null ? [] : wear(slot),
  };
}

/**
 * Trainers under tailoring are judged by a rule of their own. Where they are meant, the contrast is the point: neither the
 * top as easy as they are nor the jacket is scolded.
 */
function isJudged(piece: Piece, { shoe, meant, top, tailored }: TrainersUnderTailoring): boolean {
  return piece === shoe || (meant && (piece === top || piece === tailored));
}

/** Something that leans the same way, of several the first by its id; of the two at least one is an accessory. */
function partnerOf(
  item: Levelled,
  seen: readonly Levelled[],
  leans: (centre: number) => boolean,
): Levelled | null {
  let partner: Levelled | null = null;
  for (const other of seen) {
    if (other === item || (other.place !== null && item.place !== null) || isPlainHosiery(other)) continue;
    if (leans(other.centre) && (!partner || other.piece.id < partner.piece.id)) partner = other;
  }
  return partner;
}
