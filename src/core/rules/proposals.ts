import type { AdjustmentKind } from "../piece/adjustments";
import { slotOf, type Piece } from "../piece/piece";
import type { Slot } from "../piece/slots";
import type { Proposal } from "./finding";

/** Another piece in each of some slots. */
export function wear(...slots: readonly Slot[]): Proposal[] {
  return slots.map((slot) => ({ kind: "wear", slot }));
}

/** The look without a piece. */
export function takeOff(piece: Piece): Proposal {
  return { kind: "take-off", piece: piece.id };
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
    if (slot !== null) proposals.push({ kind: "wear", slot }, takeOff(piece));
  }
  return proposals;
}
