import { dress } from "../dressing/dress";
import type { Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import type { Outlook } from "../rules/outlook";
import { lookWith, type Place } from "../search/best/options";
import { outlooksFor } from "../search/best/outlooks";

/** A look that is still being chosen: what is on a base already, and what may be put on, each in the slot of its own. */
export function outlookOf(base: Look, on: readonly Piece[], may: readonly Piece[] = []): Outlook {
  const places: Place[] = [];
  for (const piece of [...on, ...may]) {
    const slot = slotOf(piece);
    if (slot === null) throw new Error(`${piece.name} has no slot`);
    places.push({ slot, options: [piece, null] });
  }
  return outlooksFor(base, places)(dress(lookWith(base, on)), on.length);
}
