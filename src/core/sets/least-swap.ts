import { slotOf, specOf, type Piece } from "../piece/piece";
import { slots, type Slot } from "../piece/slots";

/** What changes between two looks, and what is carried for it. */
export interface LeastSwap {
  /** Slots in which something is exchanged, put on or taken off, from the head down. */
  readonly changed: readonly Slot[];
  /** Pieces of the second look that the first does not wear: they are carried. */
  readonly carried: readonly Piece[];
  /** What they weigh, grams; an estimate where no weight is recorded. */
  readonly weight: number;
}

/** The fewest changes from one look's pieces to another's: what both wear stays on. */
export function leastSwap(from: readonly Piece[], to: readonly Piece[]): LeastSwap {
  const worn = new Set(from.map(({ id }) => id));
  const kept = new Set(to.map(({ id }) => id));
  const carried = to.filter(({ id }) => !worn.has(id));
  const left = from.filter(({ id }) => !kept.has(id));
  const touched = new Set([...carried, ...left].map(slotOf));
  return {
    changed: slots.filter((slot) => touched.has(slot)),
    carried,
    weight: carried.reduce((sum, piece) => sum + specOf(piece).weight(piece.figures), 0),
  };
}
