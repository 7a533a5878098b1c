import { wornSlot, type Adjustment } from "./adjustment";
import type { Client } from "./client";
import type { Occasion } from "./occasion";
import type { OnRecord } from "./on-record";
import { slotOf, type Piece } from "./piece";
import { stacks, type Slot } from "./slots";

/** Base + set + adjustments on a client, for an occasion. */
export interface Look {
  readonly client: Client;
  readonly garments: readonly Piece[];
  readonly accessories: readonly Piece[];
  readonly adjustments: readonly Adjustment[];
  readonly occasion: Occasion | null;
  /** What is on record of its pieces; left out: nothing is known of their care, or of who has seen them. */
  readonly onRecord?: OnRecord;
}

/** The look with a piece put into its slot: it takes the place of what was there, or joins a stack. */
export function wear(look: Look, piece: Piece): Look {
  const slot = slotOf(piece);
  if (slot === null || look.accessories.includes(piece)) return look;
  const kept = stacks(slot) ? look.accessories : without(look, slot);
  return { ...look, accessories: [...kept, piece] };
}

/** The look with a piece in place of all that its slot holds. */
export function swap(look: Look, slot: Slot, piece: Piece): Look {
  const kept = without(look, slot).filter((worn) => worn !== piece);
  return { ...look, accessories: [...kept, piece] };
}

/** The accessories of a look that do not take a slot, as they are worn. */
function without({ accessories, adjustments }: Look, slot: Slot): readonly Piece[] {
  return accessories.filter((worn) => wornSlot(worn, adjustments) !== slot);
}

/** The look without an accessory. */
export function takeOff(look: Look, pieceId: string): Look {
  return { ...look, accessories: look.accessories.filter((worn) => worn.id !== pieceId) };
}
