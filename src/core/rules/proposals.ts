import type { AdjustmentKind } from "../piece/adjustments";
import { slotOf, type Piece } from "../piece/piece";
import { slots, type Slot } from "../piece/slots";
import type { Proposal } from "./finding";

const inSlot = Object.fromEntries(slots.map((slot) => [slot, { kind: "wear", slot }])) as Readonly<
  Record<Slot, Proposal>
>;

/** Another piece in each of some slots. */
export function wear(...wanted: readonly Slot[]): Proposal[] {
  return wanted.map((slot) => inSlot[slot]);
}

const without = new WeakMap<Piece, Proposal>();

/** The look without a piece. */
export function takeOff(piece: Piece): Proposal {
  let proposal = without.get(piece);
  if (!proposal) {
    proposal = { kind: "take-off", piece: piece.id };
    without.set(piece, proposal);
  }
  return proposal;
}

/** A piece worn another way. */
export function adjust(way: AdjustmentKind, piece: Piece): Proposal {
  return { kind: "adjust", way, piece: piece.id };
}

/** Another piece in each one's place, or none. */
export function swapOrTakeOff(...pieces: readonly Piece[]): Proposal[] {
  const proposals: Proposal[] = [];
  for (const piece of pieces) {
    const slot = slotOf(piece);
    if (slot !== null) proposals.push(inSlot[slot], takeOff(piece));
  }
  return proposals;
}
