import type { Dressed, Worn } from "../dressing/dressed";
import { placeOf, slotOf, type Piece } from "../piece/piece";
import type { Proposal } from "./finding";

/** What is seen of a look's accessories. A layer worn as an accessory is a garment to the eye. */
export function seenAccessories({ worn }: Dressed): Worn[] {
  return worn.filter((item) => item.slot !== null && item.seen.length > 0 && placeOf(item.piece) === null);
}

/** What is seen of a look's garments, layers among them. */
export function seenGarments({ worn }: Dressed): Worn[] {
  return worn.filter((item) => item.seen.length > 0 && placeOf(item.piece) !== null);
}

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
