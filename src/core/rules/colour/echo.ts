import { difference } from "../../colour/difference";
import { isSkinTone } from "../../colour/family";
import { shadeOf, type Shade } from "../../colour/shade";
import type { Dressed, Worn } from "../../dressing/dressed";
import type { Tint } from "../../dressing/profile";
import { finishes } from "../../finish/finishes";
import { placeOf } from "../../piece/piece";
import type { Slot } from "../../piece/slots";
import { param } from "../../rule-book/params";
import { defineRule } from "../define-rule";
import { atMost } from "../figures";
import type { Judgement, Proposal } from "../finding";

interface Entry {
  readonly item: Worn;
  readonly tint: Tint;
  readonly nearest: { readonly item: Worn; readonly distance: number; readonly brown: boolean } | null;
}

export const echo = defineRule({
  id: "colour.echo",
  lens: "colour",
  weight: 1,
  title: "A colour that enters alone wants an answer",
  why: "A colour met once looks like a slip; met twice, at two heights, it looks chosen. One clear colour may stand alone as the accent of the look.",
  params: {
    distance: param(12, "dE", "how near another swatch must come to answer"),
    minShare: param(0.05, "share", "least share of a piece that counts"),
    browns: param(20, "dE", "the same for one brown leather and another"),
    apart: param(6, "cm", "least difference of height between the two places"),
    clear: param(0.35, "share", "clarity from which a lone colour may be the accent"),
  },
  read(dressed, { distance, browns, minShare, apart, clear }) {
    const around = surroundingsOf(dressed);
    const entries = dressed.worn
      .filter((item) => item.slot !== null && placeOf(item.piece) === null && item.seen.length > 0)
      .flatMap((item) => entering(dressed, around, item, minShare))
      .map(({ item, tint }): Entry => ({
        item,
        tint,
        nearest: nearest(dressed, item, tint.shade, minShare, apart),
      }));
    const answered = entries.filter(
      ({ tint, nearest: met }) => met && met.distance <= (isBrown(tint) && met.brown ? browns : distance),
    );
    const orphans = entries.filter((entry) => !answered.includes(entry));
    return [
      ...praise(answered, distance),
      ...lone(orphans, distance, clear),
      ...bare(dressed, distance, minShare),
    ];
  },
});

/** A tint of the look with what wears it. */
interface WornTint {
  readonly item: Worn;
  readonly tint: Tint;
}

/** What stands against calling the rest of a look all greys, or all darks. */
interface Surroundings {
  readonly notGrey: readonly WornTint[];
  readonly notDark: readonly WornTint[];
  readonly count: number;
}

function surroundingsOf({ worn }: Dressed): Surroundings {
  const all = worn.flatMap((item) => item.profile.tints.map((tint): WornTint => ({ item, tint })));
  return {
    notGrey: all.filter(({ tint }) => !(tint.neutral && !isBrown(tint) && tint.shade.C < 14)),
    notDark: all.filter(({ tint }) => tint.shade.L >= 45),
    count: worn.length,
  };
}

/** The swatches with which an accessory brings in a colour that wants an answer. */
function entering({ look }: Dressed, around: Surroundings, item: Worn, minShare: number): WornTint[] {
  const { piece } = item;
  if (piece.kind === "eyewear" || finishes[piece.finish].kin === "shine" || isMetalOnly(item)) return [];
  const skin = shadeOf(look.client.colouring.skin);
  const alone = (against: readonly WornTint[], joins: (tint: Tint) => boolean) =>
    around.count > 1 && against.every((entry) => entry.item === item || joins(entry.tint));
  const tints = item.profile.tints.filter((tint) => {
    if (tint.share < minShare || tint.role === "sole") return false;
    if ((piece.kind === "shoe" || piece.kind === "hosiery") && isSkinTone(tint.shade, skin)) return false;
    if (!tint.neutral) return true;
    if (isBrown(tint)) return alone(around.notGrey, isBrown);
    return tint.shade.L >= 82 && alone(around.notDark, ({ shade }) => shade.L >= 82);
  });
  return tints.map((tint) => ({ item, tint }));
}

function isBrown(tint: Tint): boolean {
  return tint.family === "brown" || tint.family === "tan";
}

/** Jewellery that is nothing but its metal is read by the metal story, not by colour. */
function isMetalOnly({ piece }: Worn): boolean {
  return (
    piece.metalSize === 3 &&
    (piece.finish === "polished" || piece.finish === "brushed" || piece.finish === "chain")
  );
}

function nearest(
  dressed: Dressed,
  item: Worn,
  shade: Shade,
  minShare: number,
  apart: number,
): Entry["nearest"] {
  let best: Entry["nearest"] = null;
  for (const other of dressed.worn) {
    if (other === item || other.seen.length === 0) continue;
    if (Math.abs(middle(other) - middle(item)) < apart) continue;
    for (const tint of other.profile.tints) {
      if (tint.share < minShare) continue;
      const distance = difference(tint.shade, shade);
      if (!best || distance < best.distance) best = { item: other, distance, brown: isBrown(tint) };
    }
  }
  return best;
}

function middle({ extent }: Worn): number {
  return (extent.from + extent.to) / 2;
}

function praise(answered: readonly Entry[], distance: number): Judgement[] {
  const best = answered.reduce<Entry | null>(
    (found, entry) => ((entry.nearest?.distance ?? 99) < (found?.nearest?.distance ?? 99) ? entry : found),
    null,
  );
  if (!best?.nearest) return [];
  const printed = best.nearest.item.piece.pattern !== "plain";
  return [
    {
      effect: printed ? "sings" : "lifts",
      say: printed
        ? "{piece} picks the {family} out of the print of {other} ({apart})."
        : "{piece} and {other} answer each other in {family} ({apart}).",
      names: { piece: best.item.piece.name, other: best.nearest.item.piece.name, family: best.tint.family },
      figures: { apart: atMost("difference of the two", best.nearest.distance, "dE", distance) },
      pieces: [best.item.piece.id, best.nearest.item.piece.id],
    },
  ];
}

const answering: readonly Slot[] = ["earrings", "bag", "neck", "belt", "shoe", "hosiery"];

function lone(orphans: readonly Entry[], distance: number, clear: number): Judgement[] {
  const [first, ...more] = orphans;
  if (!first) return [];
  const alone = new Set(orphans.map((entry) => entry.item.piece));
  const names = {
    pieces: [...alone].map((piece) => piece.name).join(", "),
    family: [...new Set(orphans.map((entry) => entry.tint.family))].join(" and "),
  };
  const figures: Judgement["figures"] = first.nearest
    ? { nearest: atMost("nearest answer", first.nearest.distance, "dE", distance) }
    : {};
  const pieces = [...alone].map((piece) => piece.id);
  if (more.length === 0 && !first.tint.neutral && first.tint.shade.clarity >= clear)
    return [
      {
        effect: "note",
        say: "One accent, {pieces}: {family}, clear, and alone on purpose.",
        names,
        figures,
        pieces,
      },
    ];
  const proposals: Proposal[] = [
    ...pieces.map((piece): Proposal => ({ kind: "take-off", piece })),
    ...answering.map((slot): Proposal => ({ kind: "wear", slot })),
  ];
  const say = first.nearest
    ? "{family} comes in with {pieces} and is met nowhere else (nearest {nearest} away)."
    : "{family} comes in with {pieces} and is met nowhere else.";
  return [{ effect: alone.size > 1 ? "jars" : "rubs", say, names, figures, pieces, proposals }];
}

/** A colour of the base that no accessory has taken up yet: an invitation, not a fault. */
function bare(dressed: Dressed, distance: number, minShare: number): Judgement[] {
  const garments = dressed.worn.filter((item) => item.slot === null);
  const lonely = garments.filter((item) => {
    const ground = item.profile.ground;
    if (!ground || ground.neutral || ground.share < minShare) return false;
    const elsewhere = dressed.worn.filter((other) => other !== item).flatMap((other) => other.profile.tints);
    return !elsewhere.some((tint) => difference(tint.shade, ground.shade) <= distance);
  });
  const [item] = lonely;
  if (!item?.profile.ground || garments.length < 2) return [];
  return [
    {
      effect: "note",
      say: "The {family} of {garment} is met nowhere else: let an accessory take it up.",
      names: { garment: item.piece.name, family: item.profile.ground.family },
      pieces: [item.piece.id],
      proposals: answering.map((slot) => ({ kind: "wear", slot })),
    },
  ];
}
