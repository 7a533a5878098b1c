import type { Worn } from "../../dressing/dressed";
import { bodyZoneOf, slotOf } from "../../piece/piece";
import type { BodyZone } from "../../piece/body-zone";
import { levelWord } from "../../register/ladder";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import type { Finding } from "../finding";
import { wear } from "../proposals";
import { trainersUnderTailoring } from "./trainers-meant";

export const spread = defineRule({
  id: "register.spread",
  title: "Every piece within reach of the level",
  why: "A piece a little off the level makes an outfit interesting if something beside it leans the same way; far off, it belongs to another day.",
  params: {
    jars: param(1, "step", "how far outside its span the level may lie before a piece jars"),
    tension: param(1, "step", "distance of its centre from the level that makes a tension"),
    leans: param(0.5, "step", "how far a neighbour must lean the same way to answer it"),
  },
  schools: ["trainers"],
  messages: {
    far: "{piece} {pieceCount, plural, one {is} other {are}} {word}, and the look stands at {level}, {around}: they belong to two days.",
    meant:
      "{piece} {pieceCount, plural, one {leans} other {lean}} {way} of the look, and {partner} {partnerCount, plural, one {leans} other {lean}} with {pieceCount, plural, one {it} other {them}}: meant.",
    alone:
      "{piece} {pieceCount, plural, one {is} other {are}} {word}, alone, in a look that stands at {level}, {around}.",
  },
  read(dressed, { params, judge }) {
    const { level, visible } = dressed;
    if (level === null) return [];
    const contrast = trainersUnderTailoring(dressed);
    const isMeant = ({ piece }: Worn) =>
      contrast?.meant === true && (piece === contrast.shoe || piece.poles.includes("tailored"));
    const seen = contrast ? visible.filter((item) => !isMeant(item)) : visible;
    return seen.flatMap((item): Finding[] => {
      const { register } = item.piece;
      const outside = Math.max(register.low - level, level - register.high, 0);
      if (outside === 0) return [];
      const away = item.centre - level;
      const slot = slotOf(item.piece);
      const facts = {
        of: { piece: item.piece },
        words: { word: levelWord(item.centre), around: levelWord(level) },
        figures: { level: within("level of the look", level, "step", register.low, register.high) },
        proposals: slot === null ? [] : wear(slot),
      };
      if (outside > params.jars) return [judge("jars", "far", facts)];
      if (Math.abs(away) < params.tension) return [];
      const partner = partnerOf(item, seen, (centre) => Math.sign(away) * (centre - level) >= params.leans);
      if (!partner) return [judge("rubs", "alone", facts)];
      const words = { way: away < 0 ? "under the level" : "over the level" };
      return [judge("lifts", "meant", { of: { piece: item, partner }, words, proposals: [] }, facts)];
    });
  },
});

/** Zones that lie side by side on the body. */
const beside: Readonly<Record<BodyZone, readonly BodyZone[]>> = {
  face: ["trunk"],
  trunk: ["face", "waist", "hand", "leg", "foot"],
  waist: ["trunk", "leg"],
  hand: ["trunk", "foot"],
  leg: ["waist", "foot", "trunk"],
  foot: ["leg", "hand", "trunk"],
};

/** Something beside the piece that leans the same way. */
function partnerOf(item: Worn, seen: readonly Worn[], leans: (centre: number) => boolean): Worn | undefined {
  const near = beside[bodyZoneOf(item.piece)];
  return seen.find(
    (other) => other !== item && near.includes(bodyZoneOf(other.piece)) && leans(other.centre),
  );
}
