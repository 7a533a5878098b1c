import type { Shade } from "./shade";

const warmAxis = 65;
const neutralChroma = 12;
/** The chroma over which the reading passes from the neutral to the chromatic formula. */
const blendEnd = 16;

/**
 * Temperature of a shade in [-1, 1]: positive warm, negative cool. Chromatic shades by their angle to
 * the warm axis (65 deg), near-neutrals by b* alone, so that ivory is warm and blue-grey cool; between
 * C* 12 and 16 the two are blended so that no small change of colour makes it jump.
 */
export function temperature(shade: Shade): number {
  const neutral = clamp(shade.b / 12);
  const chromatic = Math.cos(((shade.hue - warmAxis) * Math.PI) / 180) * Math.min(1, shade.C / 30);
  const t = Math.min(1, Math.max(0, (shade.C - neutralChroma) / (blendEnd - neutralChroma)));
  return neutral * (1 - t) + chromatic * t;
}

function clamp(value: number): number {
  return Math.max(-1, Math.min(1, value));
}
