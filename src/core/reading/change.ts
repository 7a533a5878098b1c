import { adjust, undone, wornSlot, type Adjustment } from "../piece/adjustment";
import type { AdjustmentKind } from "../piece/adjustments";
import { takeOff, wear, type Look } from "../piece/look";
import { slotOf, type Piece } from "../piece/piece";
import { stacks } from "../piece/slots";

/** One thing done to a look. */
export type Change =
  | { readonly kind: "wear"; readonly piece: Piece }
  | { readonly kind: "take-off"; readonly piece: string }
  | { readonly kind: "adjust"; readonly adjustment: Adjustment }
  | { readonly kind: "undo"; readonly way: AdjustmentKind; readonly piece: string };

/** The look after a change. */
export function apply(look: Look, change: Change): Look {
  switch (change.kind) {
    case "wear":
      return wear(look, change.piece);
    case "take-off":
      return takeOff(look, change.piece);
    case "adjust":
      return rearranged(look, adjust(look.adjustments, change.adjustment), change.adjustment.piece);
    case "undo":
      return rearranged(look, undone(look.adjustments, change.way, change.piece), change.piece);
  }
}

/** The look with its pieces worn so; one that goes to another slot by it takes the place of what was there. */
function rearranged(look: Look, adjustments: readonly Adjustment[], id: string): Look {
  const piece = look.accessories.find((worn) => worn.id === id);
  const slot = piece ? wornSlot(piece, adjustments) : null;
  if (!piece || slot === null || slot === wornSlot(piece, look.adjustments)) return { ...look, adjustments };
  const accessories = look.accessories.filter(
    (worn) => worn === piece || wornSlot(worn, adjustments) !== slot,
  );
  return { ...look, accessories, adjustments };
}

/** Whether a piece may be left off: shoes are exchanged, nobody is sent out without them. */
export function mayComeOff(piece: Piece): boolean {
  return slotOf(piece) !== "shoe";
}

/** The change that wears a piece so. */
export function wornSo(adjustment: Adjustment): Change {
  return { kind: "adjust", adjustment };
}

/** Which piece takes another's place by a change, by the id of the one before. */
export function standsFor(look: Look, change: Change): (piece: string) => string {
  if (change.kind !== "wear") return (piece) => piece;
  const slot = slotOf(change.piece);
  if (slot === null || stacks(slot)) return (piece) => piece;
  const off = look.accessories.find((worn) => wornSlot(worn, look.adjustments) === slot)?.id;
  return (piece) => (piece === off ? change.piece.id : piece);
}
