import type { Corner } from "@/core/scarf/laid-out";

/** The corner of a scarf's picture that is begun from, as a mark on a button. */
export const cornerArrows: Readonly<Record<Corner, string>> = {
  "lower left": "\u2199",
  "lower right": "\u2198",
  "upper right": "\u2197",
  "upper left": "\u2196",
};
