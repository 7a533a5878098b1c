import { difference } from "../../colour/difference";
import { isSkinTone } from "../../colour/family";
import { shadeOf } from "../../colour/shade";
import type { Dressed, Worn } from "../../dressing/dressed";
import type { Patch } from "../../dressing/dressed";
import type { Tint } from "../../dressing/profile";
import { finishes } from "../../finish/finishes";
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
    const answered: Entry[] = [];
    const orphans: Entry[] = [];
    for (const patch of dressed.palette) {
      if (!enters(dressed, patch, minShare)) continue;
      const { item, tint } = patch;
      const met = nearest(dressed, patch, minShare, apart);
      const isAnswered = met !== null && met.distance <= (isBrown(tint) && met.brown ? browns : distance);
      (isAnswered ? answered : orphans).push({ item, tint, nearest: met });
    }
    return [
      ...praise(answered, distance),
      ...lone(orphans, distance, clear),
      ...bare(dressed, distance, minShare),
    ];
  },
});

/** Whether a colour comes in with an accessory and wants an answer. */
function enters({ look, worn, palette }: Dressed, { item, tint }: Patch, minShare: number): boolean {
  const { piece } = item;
  if (item.slot === null || tint.share < minShare || tint.role === "sole") return false;
  if (item.place !== null || piece.kind === "eyewear") return false;
  if (finishes[piece.finish].kin === "shine" || isMetalOnly(item)) return false;
  const onLeg = piece.kind === "shoe" || piece.kind === "hosiery";
  if (onLeg && isSkinTone(tint.shade, shadeOf(look.client.colouring.skin))) return false;
  if (!tint.neutral) return true;
  if (worn.length < 2) return false;
  if (isBrown(tint))
    return palette.every((other) => other.item === item || isBrown(other.tint) || isGrey(other.tint));
  return tint.shade.L >= 82 && palette.every((other) => other.item === item || isExtreme(other.tint));
}

function isGrey(tint: Tint): boolean {
  return tint.neutral && tint.shade.C < 14;
}

/** So dark or so light that a white stands out among nothing but its like. */
function isExtreme({ shade }: Tint): boolean {
  return shade.L < 45 || shade.L >= 82;
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

/** The nearest colour that is seen at another height. */
function nearest({ palette }: Dressed, from: Patch, minShare: number, apart: number): Entry["nearest"] {
  let best: Patch | null = null;
  let least = Infinity;
  for (const other of palette) {
    if (other.item === from.item || other.tint.share < minShare) continue;
    if (Math.abs(other.at - from.at) < apart) continue;
    const distance = difference(other.tint.shade, from.tint.shade);
    if (distance >= least) continue;
    least = distance;
    best = other;
  }
  return best && { item: best.item, distance: least, brown: isBrown(best.tint) };
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
  const item = garments.find((garment) => {
    const ground = garment.profile.ground;
    if (!ground || ground.neutral || ground.share < minShare) return false;
    return !dressed.palette.some(
      (other) => other.item !== garment && difference(other.tint.shade, ground.shade) <= distance,
    );
  });
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
