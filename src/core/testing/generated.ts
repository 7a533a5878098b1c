import type { Finish } from "../finish/finishes";
import type { Metal } from "../finish/metals";
import type { Kind } from "../piece/kinds";
import type { Piece } from "../piece/piece";
import type { Pole } from "../style/poles";
import { sample } from "./sample";

/** Numbers in [0, 1) from a seed: the same seed gives the same numbers (mulberry32). */
export function numbersFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

const hexes = [
  "#1d2742",
  "#6d3f26",
  "#2450c0",
  "#c4922f",
  "#17181a",
  "#8f949b",
  "#6b1f2f",
  "#5f6238",
  "#efe6cf",
  "#b98e5f",
  "#4d2549",
  "#17606a",
  "#c6c9cc",
  "#a5482a",
] as const;
const surfaces: readonly Finish[] = [
  "matte smooth",
  "matte smooth",
  "pebbled",
  "suede",
  "satin",
  "patent",
  "velvet",
  "raffia",
];
const metals: readonly Metal[] = ["none", "none", "silver", "silver", "gold", "brass", "steel"];
const directions: readonly Pole[] = [
  "classic",
  "classic",
  "minimal",
  "tailored",
  "romantic",
  "sport",
  "bohemian",
  "gala",
];

/** A wardrobe of made-up accessories, so many of each kind; the same seed gives the same wardrobe. */
export function generatedWardrobe(kinds: readonly Kind[], each: number, seed: number): Piece[] {
  const next = numbersFrom(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)] as T;
  return kinds.flatMap((kind) =>
    Array.from({ length: each }, (_, i) => {
      const centre = 2 + Math.round(next() * 12) / 2;
      const metal = pick(metals);
      return sample(kind, {
        name: `${kind} ${i}`,
        hex: pick(hexes),
        finish: pick(surfaces),
        metal,
        metalSize: metal === "none" ? 0 : next() < 0.4 ? 2 : 1,
        poles: [pick(directions)],
        statement: next() < 0.12 ? 2 : next() < 0.4 ? 1 : 0,
        register: { low: Math.max(1, centre - 1.5), centre, high: Math.min(9, centre + 1.5) },
      }) as Piece;
    }),
  );
}
