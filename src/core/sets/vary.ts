import type { Client } from "../piece/client";
import { slotOf, type Piece } from "../piece/piece";
import { slots, stacks, type Slot } from "../piece/slots";
import { markOf, type Verdict } from "../reading/verdict";
import { coherenceOf } from "./coherence";

/** The pieces of a set from the head down. */
export function inOrder(pieces: readonly Piece[]): Piece[] {
  const at = (piece: Piece) => slots.findIndex((slot) => slot === slotOf(piece));
  return [...pieces].sort((one, other) => at(one) - at(other));
}

/** A set with a piece more: in place of what its slot held, or beside it where the slot stacks. */
export function withPiece(pieces: readonly Piece[], piece: Piece): Piece[] {
  const slot = slotOf(piece);
  if (slot === null || pieces.some(({ id }) => id === piece.id)) return [...pieces];
  return inOrder([...pieces.filter((other) => stacks(slot) || slotOf(other) !== slot), piece]);
}

/** A piece that could stand in a set in another's place, with what the set would be by itself. */
export interface Variation {
  readonly piece: Piece;
  readonly verdict: Verdict;
  readonly score: number;
  /** The mark with it less the mark now. */
  readonly change: number;
}

/** Other pieces for one slot of a set, by what the set would be by itself with each; the best first. */
export function variations(
  pieces: readonly Piece[],
  slot: Slot,
  wardrobe: readonly Piece[],
  client: Client,
): Variation[] {
  const now = coherenceOf(pieces, client);
  const rest = pieces.filter((piece) => slotOf(piece) !== slot);
  return wardrobe
    .filter((piece) => slotOf(piece) === slot && !pieces.some(({ id }) => id === piece.id))
    .map((piece): Variation => {
      const { score, verdict } = coherenceOf([...rest, piece], client);
      return { piece, score, verdict, change: markOf({ verdict, score }) - markOf(now) };
    })
    .sort(
      (one, other) =>
        other.change - one.change || other.score - one.score || (one.piece.name < other.piece.name ? -1 : 1),
    );
}
