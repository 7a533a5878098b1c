import type { Piece } from "../piece/piece";

export const pieceStates = ["ready", "in care", "on loan"] as const;

/** What is recorded of a piece beside what the core reads. */
export interface PieceRecord {
  readonly piece: Piece;
  /** Null: it is the studio's kit. */
  readonly clientId: string | null;
  readonly state: (typeof pieceStates)[number];
  readonly version: number;
}

export type PieceInput = Pick<PieceRecord, "clientId" | "state"> & { readonly piece: PieceDraft };

/** A piece as a form has it: what was read of it, to be sent back with its version. */
export function pieceInput({ piece, clientId, state, version }: PieceRecord) {
  return { id: piece.id, version, clientId, state, piece: draftOf(piece) };
}

function draftOf({ id: _id, ...draft }: Piece): PieceDraft {
  return draft;
}

/** A piece without its id; distributes over the kinds so that kind and figures stay together. */
export type PieceDraft = Piece extends infer P ? (P extends Piece ? Omit<P, "id"> : never) : never;
