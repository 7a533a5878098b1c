import type { Worth } from "@/core/reading/worth";

/** What a change does to the mark: whole, and in a word where the mark is too coarse for it. */
export function sayWorth({ before, after, gain }: Worth): string {
  if (after > before) return `+${after - before}`;
  if (after < before) return `\u2212${before - after}`;
  return gain === 0 ? "\u00b10" : gain > 0 ? "better" : "worse";
}
