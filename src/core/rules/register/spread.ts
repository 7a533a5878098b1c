import type { LevelRange } from "../../dressing/level-range";
import type { Worn } from "../../dressing/dressed";
import { isKind, isTrainer, slotOf } from "../../piece/piece";
import { isLevelled, type Levelled } from "../../dressing/level";
import { levelWord } from "../../register/ladder";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import type { Finding } from "../finding";
import { wear } from "../proposals";
import { isSurelyFar, leastOutside, mostOutside, spreadParams, standingOf, type Standing } from "./standing";
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
    const isJudged = ({ piece }: Worn) =>
      contrast !== null && (piece === contrast.shoe || isSpared(piece, contrast));
    const seen = visible.filter(isLevelled).filter((item) => !isJudged(item));
    const apart: { readonly item: Levelled; readonly off: Standing }[] = [];
    for (const item of seen) {
      const off = standingOf(item, dressed, params);
      if (off) apart.push({ item, off });
    }
    if (apart.length === 0) return [];
    // In what order pieces were put on must not matter to which of them answer one another.
    apart.sort((one, other) => (one.item.piece.id < other.item.piece.id ? -1 : 1));
    seen.sort((one, other) => (one.piece.id < other.piece.id ? -1 : 1));
    const answered = new Set<Worn>();
    return apart.flatMap(({ item, off }): Finding[] => {
      const { low, high, against, excess, outside } = off;
      const onEdge = excess > -params.sure;
      const slot = slotOf(item.piece);
      const facts = {
        of: { piece: item.piece },
        words: { word: levelWord(item.centre), around: levelWord(against) },
        figures: { level: within("level of the look", against, "step", low, high) },
        proposals: slot === null ? [] : wear(slot),
      };
      if (excess > 0) return [judge("jars", "far", facts)];
      if (outside <= params.silent) return [judge("note", "just", { onEdge, proposals: [] }, facts)];
      if (isPlainHosiery(item) || answered.has(item))
        return onEdge ? [judge("note", "just", { onEdge }, facts)] : [];
      const way = item.centre < level ? -1 : 1;
      const partner = partnerOf(item, seen, (centre) => way * (centre - level) >= params.leans);
      if (!partner) return [judge("rubs", "alone", { onEdge }, facts)];
      answered.add(partner);
      const words = { way: way < 0 ? "more casual" : "dressier" };
      const own = { of: { piece: item, partner }, words, proposals: [], onEdge };
      return [judge(onEdge ? "note" : "lifts", onEdge ? "nearly" : "meant", own, facts)];
    });
  },
  hope(outlook, { params }) {
    const { on, open, levels } = outlook;
    const range = levels(null);
    const base = on.placing?.base ?? null;
    const judged = on.visible.filter(isLevelled);
    const seen = outlook.all.filter(isLevelled);
    const mayMeet = (item: Levelled) =>
      ways.some((way) => mayBePartnered(item, seen, range, params.leans, way));
    const mayLean = (item: Worn) =>
      isLevelled(item) &&
      !isPlainHosiery(item) &&
      (!range || mostOutside(item, range) > params.silent) &&
      mayMeet(item);
    const praised = [...judged.map((item) => [item]), ...open.values()].filter((may) => may.some(mayLean));
    const praise = praised.map(() => "lifts" as const);
    // Trainers under tailoring are judged by their own rule, and spare what they are meant with.
    const contrast = outlook.all.some(({ piece }) => isKind(piece, "shoe") && isTrainer(piece));
    if (!range || base === null) return { faults: [], praise };
    const far = judged.filter((item) => {
      if (contrast && (item.place !== null || item.piece.kind === "shoe")) return false;
      if (item.place !== null) return leastOutside(item, range) > params.jars;
      const rest = levels(item);
      return rest !== null && isSurelyFar(item, { base, range, rest }, params);
    });
    const isAlone = (item: Levelled) =>
      !contrast &&
      !far.includes(item) &&
      !isPlainHosiery(item) &&
      leastOutside(item, range) > params.silent &&
      !ways.some((way) => mayStandBeside(item, seen, range, way));
    return {
      faults: [...far.map(() => "jars" as const), ...judged.filter(isAlone).map(() => "rubs" as const)],
      praise,
    };
  },
});

/** Where trainers are meant, the contrast is the point: neither the top as easy as they are nor the jacket is scolded. */
function isSpared(piece: Worn["piece"], { meant, top, tailored }: TrainersUnderTailoring): boolean {
  return meant && (piece === top || piece === tailored);
}

const ways = [-1, 1] as const;

/** Whether a look may stand where something leans away from its level as a piece does, on the same side of it. */
function mayBePartnered(
  item: Levelled,
  seen: readonly Levelled[],
  range: LevelRange | null,
  leans: number,
  way: 1 | -1,
): boolean {
  const at = way > 0 ? (range?.low ?? -Infinity) : (range?.high ?? Infinity);
  const isBeyond = (centre: number) => way * (centre - at) >= leans;
  if (way * (item.centre - at) < 0) return false;
  return partnerOf(item, seen, isBeyond) !== undefined;
}

/** Whether anything may stand on the same side of the level as a piece. */
function mayStandBeside(item: Levelled, seen: readonly Levelled[], range: LevelRange, way: 1 | -1): boolean {
  const at = way > 0 ? range.low : range.high;
  const isBeyond = (centre: number) => way * (centre - at) > 0;
  return isBeyond(item.centre) && partnerOf(item, seen, isBeyond) !== undefined;
}

function isPlainHosiery({ piece }: Worn): boolean {
  return piece.kind === "hosiery" && piece.statement === 0;
}

/** Something that leans the same way; of the two at least one is an accessory. */
function partnerOf(
  item: Levelled,
  seen: readonly Levelled[],
  leans: (centre: number) => boolean,
): Levelled | undefined {
  return seen.find(
    (other) =>
      other !== item &&
      (other.place === null || item.place === null) &&
      !isPlainHosiery(other) &&
      leans(other.centre),
  );
}
