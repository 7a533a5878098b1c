import { differenceCiede2000 } from "culori/fn";
import type { Shade } from "./shade";

const ciede2000 = differenceCiede2000();
/** Distances by the ids of the two shades, the smaller first. */
const measured: (number | undefined)[][] = [];

/**
 * How different two shades look: CIEDE2000 (CIE 142-2001, kL = kC = kH = 1), symmetric, 0 for the same
 * colour; about 2.5 is the least a stylist notices side by side.
 */
export function difference(one: Shade, other: Shade): number {
  if (one === other) return 0;
  const [low, high] = one.id < other.id ? [one, other] : [other, one];
  const row = (measured[low.id] ??= []);
  let value = row[high.id];
  if (value === undefined) {
    value = ciede2000(lab(low), lab(high));
    row[high.id] = value;
  }
  return value;
}

function lab(shade: Shade) {
  return { mode: "lab65" as const, l: shade.L, a: shade.a, b: shade.b };
}
