import type { Dressed, Worn } from "../../dressing/dressed";
import { levelOf, reachOf } from "../../dressing/level";
import { slotOf } from "../../piece/piece";
import { levelWord } from "../../register/ladder";
import { param, type Values } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import type { Finding } from "../finding";
import { wear } from "../proposals";
import { trainersUnderTailoring, type TrainersUnderTailoring } from "./trainers-meant";

const spreadParams = {
  silent: param(0.25, "step", "how far outside its span the level may lie unnoticed"),
  jars: param(1, "step", "how far outside the level may lie before a garment jars"),
  over: param(1.5, "step", "how far the look without it may stand over an accessory before that jars"),
  under: param(2.5, "step", "the same under one: dressing up is sooner forgiven than dressing down"),
  sure: param(0.5, "step", "how far within that a piece must stay for a tension to be praised"),
  leans: param(0.5, "step", "how far another piece must lean the same way to answer it"),
} as const;

export const spread = defineRule({
  id: "register.spread",
  title: "Every piece within reach of the level",
  why: "A piece a little off the level makes an outfit interesting if something else leans the same way; far off, it belongs to another day. No piece is excused by the level it has pulled the look to.",
  params: spreadParams,
  schools: ["trainers"],
  messages: {
    far: "{piece} {pieceCount, plural, one {is} other {are}} {word}, and the rest of the look is {around}: they are dressed for two different days.",
    meant:
      "{piece} {pieceCount, plural, one {is} other {are}} {way} than the look, and {partner} {partnerCount, plural, one {leans} other {lean}} the same way: that looks meant.",
    nearly:
      "{piece} {pieceCount, plural, one {is} other {are}} {way} than the look; {partner} only just {partnerCount, plural, one {carries} other {carry}} it.",
    just: "{piece} {pieceCount, plural, one {is} other {are}} only just within reach of a look that is otherwise {around}.",
    alone:
      "{piece} {pieceCount, plural, one {is} other {are}} {word}, and nothing else is, in a look that is {around}.",
  },
  read(dressed, { params, judge }) {
    const { level, visible } = dressed;
    if (level === null) return [];
    const contrast = trainersUnderTailoring(dressed);
    const isJudged = ({ piece }: Worn) =>
      contrast !== null && (piece === contrast.shoe || isSpared(piece, contrast));
    // In what order pieces were put on must not matter to which of them answer one another.
    const seen = visible
      .filter((item) => !isJudged(item))
      .sort((one, other) => (one.piece.id < other.piece.id ? -1 : 1));
    const answered = new Set<Worn>();
    return seen.flatMap((item): Finding[] => {
      const off = standingOf(item, dressed, params);
      if (!off) return [];
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
});

/** Where trainers are meant, the contrast is the point: neither the top as easy as they are nor the jacket is scolded. */
function isSpared(piece: Worn["piece"], { meant, top, tailored }: TrainersUnderTailoring): boolean {
  return meant && (piece === top || piece === tailored);
}

interface Standing {
  readonly low: number;
  readonly high: number;
  /** The level it is held against: the look's, or that of the rest. */
  readonly against: number;
  /** By how much it passes what jars, steps; negative within it. */
  readonly excess: number;
  /** How far the level of the look lies outside its span, steps. */
  readonly outside: number;
}

/** How a piece stands to the look; null well within its reach. */
function standingOf(item: Worn, dressed: Dressed, params: Values<typeof spreadParams>): Standing | null {
  const level = dressed.level ?? 0;
  const { low, high } = item.place !== null ? reachOf(item) : item.piece.register;
  const outside = Math.max(low - level, level - high, 0);
  if (item.place !== null)
    return outside > params.silent
      ? { low, high, against: level, excess: outside - params.jars, outside }
      : null;
  const base = dressed.placing?.base ?? level;
  const isNear = base > low - params.under + params.sure && base < high + params.over - params.sure;
  if (outside <= params.silent && isNear) return null;
  const rest = levelOf(dressed.worn.filter((other) => other !== item)) ?? level;
  const excess = Math.max(rest - high - params.over, low - rest - params.under);
  if (excess > 0) return { low, high, against: rest, excess, outside };
  if (outside > params.silent) return { low, high, against: level, excess, outside };
  return excess > -params.sure ? { low, high, against: rest, excess, outside } : null;
}

function isPlainHosiery({ piece }: Worn): boolean {
  return piece.kind === "hosiery" && piece.statement === 0;
}

/** Something that leans the same way; of the two at least one is an accessory. */
function partnerOf(item: Worn, seen: readonly Worn[], leans: (centre: number) => boolean): Worn | undefined {
  return seen.find(
    (other) =>
      other !== item &&
      (other.place === null || item.place === null) &&
      !isPlainHosiery(other) &&
      leans(other.centre),
  );
}
