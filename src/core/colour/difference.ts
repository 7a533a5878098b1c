import { differenceCiede2000 } from "culori/fn";
import type { Shade } from "./shade";

const ciede2000 = differenceCiede2000();
const measured = new Map<number, number>();
const idRange = 2 ** 20;

/**
 * How different two shades look: CIEDE2000 (CIE 142-2001, kL = kC = kH = 1), symmetric, 0 for the same
 * colour; about 2.5 is the least a stylist notices side by side.
 */
export function difference(one: Shade, other: Shade): number {
  if (one === other) return 0;
  const key = one.id < other.id ? one.id * idRange + other.id : other.id * idRange + one.id;
  let value = measured.get(key);
  if (value === undefined) {
    value = ciede2000(lab(one), lab(other));
    measured.set(key, value);
  }
  return value;
}

function lab(shade: Shade) {
  return { mode: "lab65" as const, l: shade.L, a: shade.a, b: shade.b };
}
