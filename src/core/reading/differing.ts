import type { Dressed, Worn } from "../dressing/dressed";
import { isSameList } from "../lists/same-list";
import { wornSlot, type Adjustment } from "../piece/adjustment";
import type { Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import { bitOf, everyBit, type SlotBits } from "../rules/reads";

/** The slots in which two looks differ: in a piece, or in how one is worn; every bit where more than that differs. */
export function differing(one: Look, other: Look): SlotBits {
  const isOtherwise =
    one.client !== other.client ||
    one.occasion !== other.occasion ||
    one.onRecord !== other.onRecord ||
    !isSameList(one.garments, other.garments) ||
    !isInOrder(one.accessories, other.accessories);
  if (isOtherwise) return everyBit;
  return withoutIn(one, other) | withoutIn(other, one);
}

/** The slots of what one look has on, or wears in a way, and another does not. */
function withoutIn(one: Look, other: Look): SlotBits {
  let differs: SlotBits = 0;
  for (const piece of one.accessories)
    if (!other.accessories.includes(piece)) differs |= slotsOf(piece, one.adjustments);
  if (one.adjustments !== other.adjustments)
    for (const way of one.adjustments) {
      if (other.adjustments.includes(way)) continue;
      const piece = one.accessories.find(({ id }) => id === way.piece);
      differs |= piece ? slotsOf(piece, one.adjustments) : everyBit;
    }
  return differs;
}

function slotsOf(piece: Piece, adjustments: readonly Adjustment[]): SlotBits {
  return bitOf(slotOf(piece)) | bitOf(wornSlot(piece, adjustments));
}

/** Whether what both have on was put on in the same order. */
function isInOrder(one: readonly Piece[], other: readonly Piece[]): boolean {
  let at = -1;
  for (const piece of one) {
    const there = other.indexOf(piece);
    if (there < 0) continue;
    if (there < at) return false;
    at = there;
  }
  return true;
}

/**
 * The accessories in which two looks differ whose pieces are in the same order, where each took the place of another:
 * both have as many of everything, and all else is worn alike. Null where more than that is otherwise.
 */
export function exchangedIn(one: Dressed, other: Dressed): readonly Worn[] | null {
  if (one.worn.length !== other.worn.length || one.accessories.length !== other.accessories.length)
    return null;
  const exchanged: Worn[] = [];
  addMissing(exchanged, one, other);
  addMissing(exchanged, other, one);
  return exchanged.every(({ place }) => place === null) ? exchanged : null;
}

/** Adds what one look wears and another does not. */
function addMissing(missing: Worn[], { worn }: Dressed, other: Dressed): void {
  for (const item of worn) if (!other.worn.includes(item)) missing.push(item);
}
