import { swap, takeOff, type Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import { mayComeOff } from "./change";
import { readLook, readMany } from "./read-many";
import { compareVerdicts } from "./verdict";
import { byWorth, worthOf, type Worth } from "./worth";

/** What the look would be worth without one of its accessories. */
export interface Removal {
  readonly piece: Piece;
  readonly worth: Worth;
}

/** Something plain exchanged for something that says a little. */
export interface Surprise {
  readonly off: Piece;
  readonly on: Piece;
  readonly worth: Worth;
}

/** Stand back and take one thing off: each accessory's removal but the shoes', the one that gains most first. */
export function editPass(look: Look): Removal[] {
  const before = readLook(look);
  const without = readMany(
    look.accessories.filter(mayComeOff),
    ({ id }) => takeOff(look, id),
    () => before,
  );
  return Array.from(without, ({ of: piece, reading }) => ({
    piece,
    worth: worthOf(before.reading, reading),
  })).sort(byWorth);
}

const surprisesKept = 4;

/**
 * Single swaps of something plain (statement 0) for something with a statement of 1 or 2 that keep the
 * verdict, the best first; one for each plain piece.
 */
export function surprises(look: Look, wardrobe: readonly Piece[]): Surprise[] {
  const before = readLook(look);
  const { reading: now } = before;
  return look.accessories
    .filter(({ statement }) => statement === 0)
    .flatMap((off): Surprise[] => {
      const slot = slotOf(off);
      if (slot === null) return [];
      const swapped = readMany(
        wardrobe.filter(
          (on) =>
            slotOf(on) === slot &&
            (on.statement === 1 || on.statement === 2) &&
            !look.accessories.includes(on),
        ),
        (on) => swap(look, slot, on),
        () => before,
      );
      const best = [...swapped]
        .filter(({ reading }) => compareVerdicts(reading.verdict, now.verdict) >= 0)
        .sort((one, other) => other.reading.points - one.reading.points)[0];
      return best ? [{ off, on: best.of, worth: worthOf(now, best.reading) }] : [];
    })
    .sort(byWorth)
    .slice(0, surprisesKept);
}
