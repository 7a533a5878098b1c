import type { Piece } from "../../piece/piece";
import { isScarfRing } from "../../piece/tied-scarf";
import type { Dressed } from "../../dressing/dressed";
import { tieSpec } from "../../scarf/ties";
import { tieNeeds, type TieNeed } from "../../scarf/ties/define-tie";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atLeast, atMost } from "../figures";
import type { Proposal } from "../finding";
import { adjust, swapOrTakeOff, takeOff, wear } from "../proposals";

export const scarfReach = defineRule({
  id: "comfort.scarf-reach",
  reads: "everything",
  title: "A scarf long enough for its tie",
  fault: "a scarf too short to tie so",
  why: "What goes round, what the knot takes and the least tails that hold it make a length; a scarf that lacks it cannot be tied so. Two fingers must go between cloth and neck.",
  params: { air: param(4, "cm", "least air between cloth and neck: two fingers") },
  tags: ["neck"],
  messages: {
    short: "{scarf} {scarfCount, plural, one {lacks} other {lack}} {short} for this tie: {tie}.",
    fold: "{scarf} cannot be folded for this tie: {tie}.",
    wants:
      "{scarf} {scarfCount, plural, one {wants} other {want}} {thing} for this tie, and there is none: {tie}.",
    tight: "{scarf} {scarfCount, plural, one {sits} other {sit}} tight at the neck, tied like this: {tie}.",
  },
  read(dressed, { params, judge }) {
    const { tied } = dressed;
    if (!tied) return [];
    const { scarf, asked, answer } = tied;
    const spec = tieSpec(asked.tie);
    const shared = {
      of: { scarf },
      words: { tie: spec.name },
      proposals: [adjust("tie", scarf), ...swapOrTakeOff(scarf)],
    };
    if (!answer.possible) {
      if (answer.refusal.why !== "too short") return [judge("jars", "fold", shared)];
      const figures = { short: atMost("missing length", answer.refusal.short, "cm", 0) };
      return [judge("jars", "short", { figures, needs: spec.round === "neck" ? ["neck"] : [] }, shared)];
    }
    const missing = spec.needs.find((need) => !needed[need].isMet(dressed));
    if (missing) {
      const words = { tie: spec.name, thing: tieNeeds[missing] };
      const proposals = [...needed[missing].mend, adjust("tie", scarf), takeOff(scarf)];
      return [judge("rubs", "wants", { of: { scarf }, words, proposals })];
    }
    const { air } = answer.tied;
    if (spec.place !== "neck" || spec.knot === "none" || air >= params.air) return [];
    const figures = { air: atLeast("air inside", air, "cm", params.air) };
    return [judge("rubs", "tight", { figures, needs: ["neck"] }, shared)];
  },
});

interface Needed {
  readonly isMet: (dressed: Dressed) => boolean;
  readonly mend: readonly Proposal[];
}

const wears =
  (kind: Piece["kind"]) =>
  ({ worn: all }: Dressed) =>
    all.some(({ piece }) => piece.kind === kind);

/** When what a tie needs beside the scarf is there, and what puts it there. */
const needed: Readonly<Record<TieNeed, Needed>> = {
  ring: { isMet: ({ look }) => look.accessories.some(isScarfRing), mend: wear("brooch") },
  pin: { isMet: wears("brooch"), mend: wear("brooch") },
  belt: { isMet: wears("belt"), mend: wear("belt") },
  "layer beneath": {
    isMet: ({ garments }) => garments.some(({ place }) => place === "top" || place === "whole"),
    mend: [],
  },
  "layer over": { isMet: ({ worn: all }) => all.some(({ place }) => place === "layer"), mend: wear("layer") },
  hat: { isMet: wears("hat"), mend: wear("hat") },
  "coat belt": { isMet: wears("coat"), mend: wear("layer") },
  handle: { isMet: ({ bag }) => bag !== null && bag.asWorn.figures.strap > 0, mend: wear("bag") },
  loops: {
    isMet: ({ garments }) => garments.some(({ place }) => place === "bottom"),
    mend: [],
  },
};
