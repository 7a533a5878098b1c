import { difference } from "../../colour/difference";
import { isSkinTone } from "../../colour/family";
import type { Dressed, Worn } from "../../dressing/dressed";
import type { Tint } from "../../dressing/profile";
import { echoLimitsOf, withinOf } from "./echo-entries";

/** Whether every colour of every garment is dark; of one that hardly shows, a collar or a hem, none counts. */
export function isAllDark(garments: readonly Worn[], under: number, trace: number): boolean {
  return garments.every(
    ({ profile, area }) => area < trace || profile.tints.every(({ shade }) => shade.L < under),
  );
}

/** The lights of a look beside the shoe's own ground; a sole counts only in part. */
export function lightsBeside(
  { palette }: Dressed,
  shoe: Worn,
  ground: Tint,
  { light, sole }: { readonly light: number; readonly sole: number },
): number {
  return palette.reduce((sum, { item, tint }) => {
    if (tint.shade.L < light || (item === shoe && tint === ground)) return sum;
    return sum + (tint.role === "sole" ? sole : 1);
  }, 0);
}

/** The garment nearest the face: what covers the others at the neck. */
export function nearestTheFace({ tops, garments }: Dressed): Worn | null {
  const uppers = garments.filter(({ place }) => place !== "bottom");
  return tops[0] ?? uppers.find(({ place }) => place === "whole") ?? uppers[uppers.length - 1] ?? null;
}

/** How far in depth a shoe lies from the nearest dark of the rest, L*; null where nothing is dark. */
export function nearestDark({ palette }: Dressed, shoe: Worn, dark: number, depth: number): number | null {
  let nearest: number | null = null;
  for (const { item, tint } of palette) {
    if (item === shoe || tint.shade.L >= dark) continue;
    const away = Math.abs(tint.shade.L - depth);
    if (nearest === null || away < nearest) nearest = away;
  }
  return nearest;
}

interface PaleLimits {
  readonly pale: number;
  readonly clear: number;
  readonly dark: number;
  readonly trace: number;
}

/** Whether the clothes are pale or clear throughout, without a dark among them. */
export function isPale({ garments, palette }: Dressed, { pale, clear, dark, trace }: PaleLimits): boolean {
  const isPaleOrClear = ({ profile: { character } }: Worn) =>
    character === null || character.depth >= pale || character.clarity > clear;
  return (
    garments.every(isPaleOrClear) &&
    !palette.some(({ item, tint, area }) => garments.includes(item) && tint.shade.L < dark && area >= trace)
  );
}

/** Skin-tone and metallic shoes are right over anything. */
export function readsAsSkin({ look }: Dressed, { piece }: Worn, ground: Tint): boolean {
  return piece.finish === "metallic" || isSkinTone(ground.shade, look.client.colouring.skin);
}

/** Whether a belt, a bag or anything brown above answers the shoe, by what the echo takes for an answer. */
export function isAnsweredAbove(
  { palette, look }: Pick<Dressed, "palette" | "look">,
  shoe: Worn,
  ground: Tint,
): boolean {
  const limits = echoLimitsOf(look.client.ruleBook);
  return palette.some(({ item, tint }) => {
    if (item === shoe || item.slot === null || item.piece.kind === "hosiery") return false;
    return difference(tint.shade, ground.shade) <= withinOf(tint, ground, limits);
  });
}
