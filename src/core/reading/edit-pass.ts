import { swap, takeOff, type Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import { read } from "./read";
import { compareVerdicts } from "./verdict";

/** What the look would score without one of its accessories. */
export interface Removal {
  readonly piece: Piece;
  readonly before: number;
  readonly after: number;
}

/** Something plain exchanged for something that says a little. */
export interface Surprise {
  readonly off: Piece;
  readonly on: Piece;
  readonly before: number;
  readonly after: number;
}

/** Stand back and take one thing off: each accessory's removal, the one that gains most first. */
export function editPass(look: Look): Removal[] {
  const before = read(look).score;
  return look.accessories
    .map((piece) => ({ piece, before, after: read(takeOff(look, piece.id)).score }))
    .sort((one, other) => other.after - one.after);
}

const surprisesKept = 4;

/**
 * Single swaps of something plain (statement 0) for something with a statement of 1 or 2 that keep the
 * verdict, the best first; one for each plain piece.
 */
export function surprises(look: Look, wardrobe: readonly Piece[]): Surprise[] {
  const now = read(look);
  return look.accessories
    .filter(({ statement }) => statement === 0)
    .flatMap((off): Surprise[] => {
      const slot = slotOf(off);
      if (slot === null) return [];
      const best = wardrobe
        .filter((on) => slotOf(on) === slot && (on.statement === 1 || on.statement === 2))
        .map((on) => ({ on, reading: read(swap(look, slot, on)) }))
        .filter(({ reading }) => compareVerdicts(reading.verdict, now.verdict) >= 0)
        .sort((one, other) => other.reading.score - one.reading.score)[0];
      return best ? [{ off, on: best.on, before: now.score, after: best.reading.score }] : [];
    })
    .sort((one, other) => other.after - one.after)
    .slice(0, surprisesKept);
}
