/** A colour between two, `share` of the way from the first to the second. */
export function mixed(hex: string, other: string, share: number): string {
  const part = (from: string, at: number) => Number.parseInt(from.slice(at, at + 2), 16);
  const one = (at: number) => Math.round(part(hex, at) * (1 - share) + part(other, at) * share);
  return `#${[1, 3, 5].map((at) => one(at).toString(16).padStart(2, "0")).join("")}`;
}

/** How bright a colour looks on a screen, 0 black to 1 white (Rec. 601 luma). */
export function brightness(hex: string): number {
  const value = Number.parseInt(hex.slice(1), 16);
  return (0.299 * (value >> 16) + 0.587 * ((value >> 8) & 255) + 0.114 * (value & 255)) / 255;
}

/** The tones in which one colour is drawn: its lines, its shadow and its light. */
export interface Tones {
  readonly ground: string;
  /** Around the shape. */
  readonly outline: string;
  /** Folds, creases and the marks of a weave. */
  readonly fold: string;
  /** Seams, stitching and what catches the light. */
  readonly seam: string;
  /** How dark the side away from the light is, 0-1 of black. */
  readonly shade: number;
}

const ink = "#1b2028";

/** Up to which brightness a cloth is so dark that only a paler line is seen on it. */
const nearBlack = 0.105;
const dark = 0.42;

/** The tones of a colour: lines darker than a cloth, and paler than one that is nearly black. */
export function tonesOf(ground: string): Tones {
  const bright = brightness(ground);
  if (bright < nearBlack)
    return {
      ground,
      outline: mixed(ground, "#ffffff", 0.24),
      fold: mixed(ground, "#ffffff", 0.15),
      seam: mixed(ground, "#ffffff", 0.3),
      shade: 0.34,
    };
  if (bright < dark)
    return {
      ground,
      outline: mixed(ground, "#05070b", 0.66),
      fold: mixed(ground, "#05070b", 0.42),
      seam: mixed(ground, "#ffffff", 0.24),
      shade: 0.2,
    };
  return {
    ground,
    outline: mixed(ground, ink, 0.62),
    fold: mixed(ground, ink, 0.34),
    seam: mixed(ground, ink, 0.42),
    shade: 0.13,
  };
}
