import type { Dressed, Worn } from "../../dressing/dressed";
import { levelOf, reachOf } from "../../dressing/level";
import { slotOf } from "../../piece/piece";
import { levelWord } from "../../register/ladder";
import { param, type Values } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import type { Finding } from "../finding";
import { wear } from "../proposals";
import { trainersUnderTailoring } from "./trainers-meant";

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
    alone:
      "{piece} {pieceCount, plural, one {is} other {are}} {word}, and nothing else is, in a look that is {around}.",
  },
  read(dressed, { params, judge }) {
    const { level, visible } = dressed;
    if (level === null) return [];
    const contrast = trainersUnderTailoring(dressed);
    const isJudged = ({ piece }: Worn) =>
      contrast !== null && (piece === contrast.shoe || piece === spared(contrast));
    const seen = contrast ? visible.filter((item) => !isJudged(item)) : visible;
    const answered = new Set<Worn>();
    return seen.flatMap((item): Finding[] => {
      const off = standingOf(item, dressed, params);
      if (!off) return [];
      const { low, high, against, excess } = off;
      const slot = slotOf(item.piece);
      const facts = {
        of: { piece: item.piece },
        words: { word: levelWord(item.centre), around: levelWord(against) },
        figures: { level: within("level of the look", against, "step", low, high) },
        proposals: slot === null ? [] : wear(slot),
      };
      if (excess > 0) return [judge("jars", "far", facts)];
      if (isPlainHosiery(item) || answered.has(item)) return [];
      const way = item.centre < level ? -1 : 1;
      const partner = partnerOf(item, seen, (centre) => way * (centre - level) >= params.leans);
      if (!partner) return [judge("rubs", "alone", facts)];
      answered.add(partner);
      const words = { way: way < 0 ? "more casual" : "dressier" };
      const own = { of: { piece: item, partner }, words, proposals: [] };
      const isSure = excess <= -params.sure;
      return [judge(isSure ? "lifts" : "note", isSure ? "meant" : "nearly", own, facts)];
    });
  },
});

/** The top that makes trainers meant is not scolded for being as easy as they are. */
function spared({ meant, top }: NonNullable<ReturnType<typeof trainersUnderTailoring>>) {
  return meant ? top : null;
}

/** How a piece stands to the look: null within its reach; else by how much it passes what jars, steps. */
function standingOf(item: Worn, dressed: Dressed, params: Values<typeof spreadParams>) {
  const level = dressed.level ?? 0;
  if (item.place !== null) {
    const { low, high } = reachOf(item);
    const outside = Math.max(low - level, level - high, 0);
    return outside > params.silent ? { low, high, against: level, excess: outside - params.jars } : null;
  }
  const { low, high } = item.piece.register;
  const outside = Math.max(low - level, level - high, 0);
  const base = dressed.placing?.base ?? level;
  if (outside <= params.silent && base >= low - params.under && base <= high + params.over) return null;
  const rest = levelOf(dressed.worn.filter((other) => other !== item)) ?? level;
  const excess = Math.max(rest - high - params.over, low - rest - params.under);
  if (excess > 0) return { low, high, against: rest, excess };
  return outside > params.silent ? { low, high, against: level, excess } : null;
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
