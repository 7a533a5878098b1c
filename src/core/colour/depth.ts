import type { Shade } from "./shade";

const cuts = [15, 30, 45, 60, 75, 90];
const words = ["black-deep", "very deep", "deep", "middle", "fairly light", "light", "very light"] as const;

/** The depth band of a shade, 0 (deepest) to 6 (lightest): L* cut at 15, 30, 45, 60, 75, 90. */
export function depthBand(shade: Shade): number {
  return cuts.filter((cut) => shade.L >= cut).length;
}

/** The depth band as a word. */
export function depthWord(shade: Shade): string {
  return words[depthBand(shade)] ?? "middle";
}

/** Near-white: L* >= 82 and C* <= 25. */
export function isNearWhite(shade: Shade): boolean {
  return shade.L >= 82 && shade.C <= 25;
}

/** Near-black: L* <= 22. */
export function isNearBlack(shade: Shade): boolean {
  return shade.L <= 22;
}
