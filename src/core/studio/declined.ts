/** A piece that is not to be offered to a client, and why. */
export interface Declined {
  readonly id: string;
  readonly pieceId: string;
  readonly reason: string;
}
