import { differenceCiede2000 } from "culori/fn";
import type { Shade } from "./shade";

const ciede2000 = differenceCiede2000();
/** Distances by the ids of the two shades, the smaller first; NaN where none was measured yet. */
const measured: Float64Array[] = [];
/** Pairs are kept for the first so many shades: a server that runs for months meets far more, and pairs grow as their square. */
const shadesWithPairs = 2048;

/**
 * How different two shades look: CIEDE2000 (CIE 142-2001, kL = kC = kH = 1), symmetric, 0 for the same
 * colour; about 2.5 is the least a stylist notices side by side.
 */
export function difference(one: Shade, other: Shade): number {
  if (one === other) return 0;
  const low = one.id < other.id ? one : other;
  const high = low === one ? other : one;
  if (high.id >= shadesWithPairs) return ciede2000(lab(low), lab(high));
  const known = measured[low.id]?.[high.id];
  if (known !== undefined && known === known) return known;
  const value = ciede2000(lab(low), lab(high));
  rowFor(low.id, high.id)[high.id] = value;
  return value;
}

/** The row of a shade, long enough for another's id. */
function rowFor(low: number, high: number): Float64Array {
  const row = measured[low];
  if (row && row.length > high) return row;
  const longer = new Float64Array(Math.min(shadesWithPairs, Math.max(64, 2 * high))).fill(NaN);
  if (row) longer.set(row);
  measured[low] = longer;
  return longer;
}

function lab(shade: Shade) {
  return { mode: "lab65" as const, l: shade.L, a: shade.a, b: shade.b };
}
