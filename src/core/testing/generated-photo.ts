import type { Box, Photo } from "../photo/photo";
import { numbersFrom } from "./generated";

export const photoGrounds = ["white paper", "linen", "wood", "grey table"] as const;
export const photoShapes = ["square", "bag", "shoe", "top", "band", "pair"] as const;
export const photoPatterns = ["plain", "stripe", "border", "dots", "floral", "check"] as const;
export const photoLights = ["window", "lamp with card", "shade with card"] as const;

/** What a made-up photo is to show. */
export interface PhotoToMake {
  readonly ground: (typeof photoGrounds)[number];
  readonly shape: (typeof photoShapes)[number];
  readonly pattern: (typeof photoPatterns)[number];
  readonly light: (typeof photoLights)[number];
  /** The piece's own colours as sRGB bytes; the first is its ground. */
  readonly colours: readonly Triple[];
  readonly seed: number;
}

export interface MadePhoto {
  readonly photo: Photo;
  readonly card: Box | null;
  /** The share of each colour that was painted. */
  readonly shares: readonly number[];
}

export type Triple = readonly [number, number, number];

const side = 360;
const grounds: Record<PhotoToMake["ground"], Triple> = {
  "white paper": [246, 244, 240],
  linen: [226, 220, 208],
  wood: [168, 128, 88],
  "grey table": [150, 151, 154],
};
const casts: Record<PhotoToMake["light"], Triple> = {
  window: [0.93, 0.93, 0.93],
  "lamp with card": [0.98, 0.88, 0.75],
  "shade with card": [0.86, 0.92, 0.97],
};

/** Paints a piece on its ground under a light that falls off, with folds, grain and noise. */
export function madePhoto({ ground, shape, pattern, light, colours, seed }: PhotoToMake): MadePhoto {
  const next = numbersFrom(seed);
  const data = new Uint8ClampedArray(side * side * 4).fill(255);
  const card = light === "window" ? null : { x: 12, y: side - 54, width: 54, height: 40 };
  const folds = softNoise(next, 5);
  const blotches = softNoise(next, 6);
  const paint = painter(pattern, colours.length, next);
  const fall = [0.08 * (next() - 0.5), 0.2 * (next() - 0.5)];
  const counts = colours.map(() => 0);
  for (let y = 0; y < side; y += 1)
    for (let x = 0; x < side; x += 1) {
      const [u, v] = [x / side, y / side];
      const onCard =
        card && x >= card.x && x < card.x + card.width && y >= card.y && y < card.y + card.height;
      const isPiece = !onCard && covers[shape](u, v);
      const number = isPiece ? paint(u, v) : 0;
      if (isPiece) counts[number] = (counts[number] ?? 0) + 1;
      const own: Triple = onCard
        ? [128, 128, 128]
        : isPiece
          ? (colours[number] ?? [0, 0, 0])
          : grounds[ground];
      const grain =
        !isPiece && !onCard && ground === "wood" ? 0.06 * Math.sin(60 * v + 4 * Math.sin(5 * u)) : 0;
      const texture = onCard ? 1 : isPiece ? 1 + 0.07 * folds(u, v) : 1 + 0.05 * blotches(u, v) + grain;
      const fallen = 1 + (fall[0] ?? 0) * (v - 0.5) + ((fall[1] ?? 0) - 0.1) * (u - 0.5);
      own.forEach((byte, i) => {
        const noise = 3 * (next() + next() - 1);
        data[(y * side + x) * 4 + i] = byte * texture * fallen * (casts[light][i] ?? 1) + noise;
      });
    }
  const total = counts.reduce((sum, count) => sum + count, 0);
  return { photo: { width: side, height: side, data }, card, shares: counts.map((count) => count / total) };
}

const covers: Record<PhotoToMake["shape"], (u: number, v: number) => boolean> = {
  square: (u, v) => Math.abs(u - 0.5) < 0.36 && Math.abs(v - 0.5) < 0.36,
  bag: (u, v) => {
    const ring = Math.hypot((u - 0.5) / 0.2, (v - 0.4) / 0.28);
    return (Math.abs(u - 0.5) < 0.3 && v > 0.4 && v < 0.88) || (ring > 0.84 && ring < 1 && v <= 0.4);
  },
  shoe: (u, v) =>
    (u > 0.1 && u < 0.34 && v > 0.34 && v < 0.78) || (u >= 0.34 && u < 0.9 && v > 0.62 && v < 0.78),
  top: (u, v) =>
    (Math.abs(u - 0.5) < 0.22 && v > 0.16 && v < 0.9) || (Math.abs(u - 0.5) < 0.42 && v > 0.16 && v < 0.44),
  band: (u, v) => Math.abs(v - 0.5 - 0.06 * Math.sin(6.3 * u)) < 0.07 && Math.abs(u - 0.5) < 0.43,
  pair: (u, v) => Math.abs(v - 0.5) < 0.3 && (Math.abs(u - 0.28) < 0.14 || Math.abs(u - 0.7) < 0.14),
};

function painter(
  pattern: PhotoToMake["pattern"],
  colours: number,
  next: () => number,
): (u: number, v: number) => number {
  const other = (n: number) => (colours < 2 ? 0 : 1 + (n % (colours - 1)));
  const spots = Array.from({ length: 70 }, (_, i) => ({
    x: next(),
    y: next(),
    r: 0.012 + 0.028 * next(),
    number: other(i),
  }));
  const painters: Record<PhotoToMake["pattern"], (u: number, v: number) => number> = {
    plain: () => 0,
    stripe: (u) => Math.floor(u * 14) % Math.max(1, colours),
    border: (u, v) => (Math.abs(u - 0.5) > 0.24 || Math.abs(v - 0.5) > 0.24 ? other(0) : 0),
    dots: (u, v) => (Math.hypot(((u * 13) % 1) - 0.5, ((v * 13) % 1) - 0.5) < 0.27 ? other(0) : 0),
    floral: (u, v) => spots.findLast(({ x, y, r }) => Math.hypot(u - x, v - y) < r)?.number ?? 0,
    check: (u, v) => ((Math.floor(u * 10) + Math.floor(v * 10)) % 2 === 0 ? 0 : other(Math.floor(u * 10))),
  };
  return painters[pattern];
}

/** Noise between -1 and 1 that changes softly over so many cells a side. */
function softNoise(next: () => number, cells: number): (u: number, v: number) => number {
  const knots = Array.from({ length: (cells + 2) ** 2 }, () => 2 * next() - 1);
  const ease = (t: number) => t * t * (3 - 2 * t);
  return (u, v) => {
    const [x, y] = [u * cells, v * cells];
    const [i, j] = [Math.floor(x), Math.floor(y)];
    const knot = (column: number, row: number) => knots[row * (cells + 2) + column] ?? 0;
    const [tx, ty] = [ease(x - i), ease(y - j)];
    const above = knot(i, j) + tx * (knot(i + 1, j) - knot(i, j));
    const below = knot(i, j + 1) + tx * (knot(i + 1, j + 1) - knot(i, j + 1));
    return above + ty * (below - above);
  };
}
