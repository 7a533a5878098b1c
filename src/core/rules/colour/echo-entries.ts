import { difference } from "../../colour/difference";
import { isSkinTone } from "../../colour/family";
import { shadeOf } from "../../colour/shade";
import type { Patch, Worn } from "../../dressing/dressed";
import type { PairView } from "../../dressing/pair";
import type { Tint } from "../../dressing/profile";
import { finishes } from "../../finish/finishes";
import { param, type Values } from "../../rule-book/params";

export const echoParams = {
  distance: param(12, "dE", "how near another swatch must come to answer"),
  minShare: param(0.05, "share", "least share of a piece that counts"),
  browns: param(20, "dE", "the same for one brown leather and another"),
  apart: param(6, "cm", "least difference of height between the two places"),
  clear: param(0.35, "share", "clarity from which a lone colour may be the accent"),
  grey: param(14, "C*", "a neutral under this chroma is a grey, among which a brown stands out"),
  light: param(82, "L*", "a neutral from this depth on is a white"),
  dark: param(45, "L*", "under this a colour is one of the darks among which a white stands out"),
} as const;

type EchoLimits = Values<typeof echoParams>;

/** A colour that comes in with an accessory, with what comes nearest to it at another height. */
export interface Entry {
  readonly item: Worn;
  readonly tint: Tint;
  readonly nearest: { readonly item: Worn; readonly distance: number } | null;
  readonly answered: boolean;
}

/** Every colour that comes in with an accessory and wants an answer. */
export function entriesOf(dressed: PairView, limits: EchoLimits): Entry[] {
  const entries: Entry[] = [];
  for (const patch of dressed.palette) {
    if (!enters(dressed, patch, limits)) continue;
    const { item, tint } = patch;
    const nearest = nearestTo(dressed, patch, limits);
    const within = isBrown(tint) && nearest && isBrown(nearest.tint) ? limits.browns : limits.distance;
    entries.push({ item, tint, nearest, answered: nearest !== null && nearest.distance <= within });
  }
  return entries;
}

function enters(pair: PairView, patch: Patch, limits: EchoLimits): boolean {
  const { item, tint } = patch;
  const { piece } = item;
  if (item.slot === null || tint.share < limits.minShare || tint.role === "sole") return false;
  if (item.place !== null || piece.kind === "eyewear") return false;
  if (finishes[piece.finish].kin === "shine" || isMetalOnly(item)) return false;
  if (tint.neutral && !standsOut(pair, patch, limits)) return false;
  const onLeg = piece.kind === "shoe" || piece.kind === "hosiery";
  return !onLeg || !isSkinTone(tint.shade, shadeOf(pair.look.client.colouring.skin));
}

/** A neutral stands out where all else is of another sort: a brown among greys, a white among darks. */
function standsOut({ worn, palette }: PairView, { item, tint }: Patch, limits: EchoLimits): boolean {
  if (worn.length < 2) return false;
  const { light, dark, grey } = limits;
  const brown = isBrown(tint);
  if (!brown && tint.shade.L < light) return false;
  for (const other of palette) {
    if (other.item === item) continue;
    const { shade, neutral } = other.tint;
    const lets = brown
      ? isBrown(other.tint) || (neutral && shade.C < grey)
      : shade.L < dark || shade.L >= light;
    if (!lets) return false;
  }
  return true;
}

function isBrown({ family }: Tint): boolean {
  return family === "brown" || family === "tan";
}

/** Jewellery that is nothing but its metal is read by the metal story, not by colour. */
function isMetalOnly({ piece }: Worn): boolean {
  return (
    piece.metalSize === 3 &&
    (piece.finish === "polished" || piece.finish === "brushed" || piece.finish === "chain")
  );
}

/** The nearest colour that is seen at another height. */
function nearestTo({ palette }: PairView, from: Patch, { minShare, apart }: EchoLimits) {
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
  return best && { item: best.item, tint: best.tint, distance: least };
}
