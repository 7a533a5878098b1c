import { slotOf, type Piece } from "../piece/piece";
import type { Proposal } from "./finding";

/** The names of pieces, as a finding lists them. */
export function listed(pieces: readonly Piece[]): string {
  return pieces.map(({ name }) => name).join(", ");
}

/** Another piece in each one's place, or none. */
export function swapOrTakeOff(pieces: readonly Piece[]): Proposal[] {
  return pieces.flatMap((piece): Proposal[] => {
    const slot = slotOf(piece);
    return slot === null
      ? []
      : [
          { kind: "wear", slot },
          { kind: "take-off", piece: piece.id },
        ];
  });
}
