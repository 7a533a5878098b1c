import type { Tint } from "../../dressing/profile";

/** A deep colour: dark, plainly a colour, and not among the clearest. */
const deep = { depth: 40, chroma: 12, clarity: 0.85 } as const;

/** Whether a colour is deep: burgundy, forest, plum. */
export function isDeep({ shade, neutral }: Tint): boolean {
  return !neutral && shade.L <= deep.depth && shade.C >= deep.chroma && shade.clarity <= deep.clarity;
}

/** Whether a colour alone may be the accent of a look: a deep one or a clear one, not a muted, light stray. */
export function isAccent(tint: Tint, clear: number): boolean {
  return isDeep(tint) || (!tint.neutral && tint.shade.clarity >= clear);
}
