import { swap, type Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import { slots, type Slot } from "../piece/slots";
import { readLook, readMany } from "../reading/read-many";
import type { Verdict } from "../reading/verdict";

/** What swapping one slot does to the level of the look. */
export interface Lever {
  readonly slot: Slot;
  readonly piece: Piece;
  /** Level of the look with it, 1-9. */
  readonly level: number;
  /** Steps up, or down when negative. */
  readonly steps: number;
  readonly score: number;
  readonly verdict: Verdict;
}

/** For one slot the swap that makes the look quietest and the one that makes it dressiest. */
export interface SlotLevers {
  readonly slot: Slot;
  readonly quieter: Lever | null;
  readonly dressier: Lever | null;
}

/** A change of level smaller than this is not one that anybody sees. */
const leastStep = 0.25;

/**
 * The answer to "make it one step dressier": for every slot the swap that moves the level of the look
 * furthest each way; among equal moves the one that scores best. Slots that move nothing are left out.
 */
export function leversOf(look: Look, wardrobe: readonly Piece[]): SlotLevers[] {
  const before = readLook(look);
  const now = before.reading.level;
  if (now === null) return [];
  return slots.flatMap((slot): SlotLevers[] => {
    const swapped = readMany(
      wardrobe.filter((piece) => slotOf(piece) === slot && !look.accessories.includes(piece)),
      (piece) => swap(look, slot, piece),
      () => before,
    );
    const levers: Lever[] = [];
    for (const { of: piece, reading } of swapped) {
      const { level, score, verdict } = reading;
      if (level !== null) levers.push({ slot, piece, level, steps: level - now, score, verdict });
    }
    const quieter = furthest(levers, -1);
    const dressier = furthest(levers, 1);
    return quieter || dressier ? [{ slot, quieter, dressier }] : [];
  });
}

function furthest(levers: readonly Lever[], way: 1 | -1): Lever | null {
  return levers
    .filter(({ steps }) => way * steps >= leastStep)
    .reduce<Lever | null>((best, lever) => {
      if (!best) return lever;
      const further = way * (lever.steps - best.steps);
      return further > 0 || (further === 0 && lever.score > best.score) ? lever : best;
    }, null);
}
