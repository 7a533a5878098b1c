import type { Dressed, Worn } from "../../dressing/dressed";
import { bodyZoneOf, type BodyZone } from "../../piece/body-zone";
import { slotOf } from "../../piece/piece";
import { levelWord } from "../../register/ladder";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { within } from "../figures";
import type { Judgement } from "../finding";
import { trainersUnderTailoring } from "./trainers-meant";

export const spread = defineRule({
  id: "register.spread",
  lens: "register",
  weight: 1,
  title: "Every piece within reach of the level",
  why: "A piece a little off the level makes an outfit interesting if something beside it leans the same way; far off, it belongs to another day.",
  params: {
    jars: param(1, "step", "how far outside its span the level may lie before a piece jars"),
    tension: param(1, "step", "distance of its centre from the level that makes a tension"),
    leans: param(0.5, "step", "how far a neighbour must lean the same way to answer it"),
  },
  schools: ["trainers"],
  read(dressed, { jars, tension, leans }) {
    const { level, visible } = dressed;
    if (level === null) return [];
    const contrast = trainersUnderTailoring(dressed);
    const isMeant = ({ piece }: Worn) =>
      contrast?.meant === true && (piece === contrast.shoe || piece.poles.includes("tailored"));
    const seen = contrast ? visible.filter((item) => !isMeant(item)) : visible;
    return seen.flatMap((item): Judgement[] => {
      const { register, name, id } = item.piece;
      const outside = Math.max(register.low - level, level - register.high, 0);
      if (outside === 0) return [];
      const away = register.centre - level;
      const slot = slotOf(item.piece);
      const shared = {
        names: { piece: name, word: levelWord(register.centre), around: levelWord(level) },
        figures: { level: within("level of the look", level, "step", register.low, register.high) },
        pieces: [id],
        proposals: slot === null ? [] : [{ kind: "wear", slot } as const],
      };
      if (outside > jars)
        return [
          {
            effect: "jars",
            say: "{piece} is {word}, and the look stands at {level}, {around}: they belong to two days.",
            ...shared,
          },
        ];
      if (Math.abs(away) < tension) return [];
      const partner = partnerOf(dressed, item, seen, Math.sign(away), leans);
      if (partner)
        return [
          {
            ...shared,
            effect: "lifts",
            say: "{piece} leans {way} of the look, and {partner} leans with it: meant.",
            names: {
              way: away < 0 ? "under the level" : "over the level",
              partner: partner.piece.name,
              ...shared.names,
            },
            pieces: [id, partner.piece.id],
            proposals: [],
          },
        ];
      return [
        {
          effect: "rubs",
          say: "{piece} is {word}, alone, in a look that stands at {level}, {around}.",
          ...shared,
        },
      ];
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
function partnerOf(
  { level }: Dressed,
  item: Worn,
  seen: readonly Worn[],
  way: number,
  leans: number,
): Worn | undefined {
  const zone = bodyZoneOf(item.piece.kind);
  return seen.find(
    (other) =>
      other !== item &&
      beside[zone].includes(bodyZoneOf(other.piece.kind)) &&
      way * (other.piece.register.centre - (level ?? 0)) >= leans,
  );
}
