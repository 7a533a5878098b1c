import type { Shade } from "./shade";

/** Near-white: L* >= 82 and C* <= 25. */
export function isNearWhite(shade: Shade): boolean {
  return shade.L >= 82 && shade.C <= 25;
}

/** Near-black: L* <= 22. */
export function isNearBlack(shade: Shade): boolean {
  return shade.L <= 22;
}
