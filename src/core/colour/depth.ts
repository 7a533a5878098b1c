import { familyOf } from "./family";
import type { Shade } from "./shade";

const whites: ReadonlySet<string> = new Set(["white", "ivory", "beige", "silver-grey"]);

/** Near-white: a white, an ivory, a pale beige or silver, L* >= 82 and C* <= 25; a blush or a pale blue is a colour. */
export function isNearWhite(shade: Shade): boolean {
  return shade.L >= 82 && shade.C <= 25 && whites.has(familyOf(shade));
}

/** A shade that the eye takes for a white in one light and not in another. */
export function isAlmostWhite(shade: Shade): boolean {
  return shade.L >= 79 && shade.C <= 28 && whites.has(familyOf(shade)) && !isNearWhite(shade);
}

/** Near-black: L* <= 22, and not so much of a colour that nobody takes it for a black. */
export function isNearBlack(shade: Shade): boolean {
  return shade.L <= 22 && shade.C <= 24;
}

/** A shade that the eye takes for a near-black in one light and not in another. */
export function isAlmostBlack(shade: Shade): boolean {
  return shade.L <= 25 && shade.C <= 28;
}
