import { clampGamut, converter, formatHex } from "culori/fn";
import { shadeOf } from "./shade";

const toRgb = converter("rgb");
const inGamut = clampGamut("rgb");

/** A colour moved along the depth and the yellowness of CIELAB, kept within what a screen can show. */
export function shifted(hex: string, by: { readonly L?: number; readonly b?: number }): string {
  const { L, a, b } = shadeOf(hex);
  const moved = {
    mode: "lab65" as const,
    l: Math.min(100, Math.max(0, L + (by.L ?? 0))),
    a,
    b: b + (by.b ?? 0),
  };
  return formatHex(inGamut(toRgb(moved))) ?? hex;
}
