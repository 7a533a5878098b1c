import { familyOf } from "./family";
import type { Shade } from "./shade";

const whites: ReadonlySet<string> = new Set(["white", "ivory", "beige", "silver-grey"]);

/** Near-white: a white, an ivory, a pale beige or silver, L* >= 82 and C* <= 25; a blush or a pale blue is a colour. */
export function isNearWhite(shade: Shade): boolean {
  return shade.L >= 82 && shade.C <= 25 && whites.has(familyOf(shade));
}

/** Near-black: L* <= 22. */
export function isNearBlack(shade: Shade): boolean {
  return shade.L <= 22;
}
