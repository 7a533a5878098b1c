import { converter, displayable, modeLab65, modeLch65, modeRgb, parse, useMode } from "culori/fn";

useMode(modeRgb);
useMode(modeLab65);
useMode(modeLch65);
const toLab = converter("lab65");

/** A measured colour: CIELAB under D65, with chroma and hue (degrees, 0-360). */
export interface Shade {
  /** Position in the table of shades met so far; only for caching. */
  readonly id: number;
  readonly hex: string;
  /** Depth, L*: 0 black to 100 white. */
  readonly L: number;
  readonly a: number;
  readonly b: number;
  /** Chroma, C*. */
  readonly C: number;
  readonly hue: number;
  /** C* divided by the largest C* that sRGB holds at this L* and hue, 0-1. */
  readonly clarity: number;
}

const shadeByHex = new Map<string, Shade>();

/** The largest in-gamut C* of sRGB at a depth and hue, by bisection to 0.05. */
function largestChroma(L: number, hue: number): number {
  let low = 0;
  let high = 150;
  while (high - low > 0.05) {
    const middle = (low + high) / 2;
    if (displayable({ mode: "lch65", l: L, c: middle, h: hue })) low = middle;
    else high = middle;
  }
  return low;
}

/**
 * Measures an sRGB hex colour. The same hex always gives the same object, so shades may be compared
 * by identity and distances cached.
 * @throws RangeError when the text is not a colour.
 */
export function shadeOf(hex: string): Shade {
  const found = shadeByHex.get(hex);
  if (found) return found;
  const rgb = parse(hex);
  if (!rgb) throw new RangeError(`"${hex}" is not a colour; write it as #rrggbb`);
  const { l: L, a, b } = toLab(rgb);
  const C = Math.hypot(a, b);
  const hue = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
  const most = L <= 0.5 || L >= 99.9 ? 0 : largestChroma(L, hue);
  const clarity = most > 0 ? Math.min(1, C / most) : 0;
  const shade: Shade = { id: shadeByHex.size, hex, L, a, b, C, hue, clarity };
  shadeByHex.set(hex, shade);
  return shade;
}
