import { asSaid, type PieceAsSaid } from "../piece/as-said";
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

/** A piece as its form has it, with what names it and its version. */
export type PieceToChange = PieceInput & { readonly id: string; readonly version: number };

/** A piece as a form has it: what was read of it, to be sent back with its version. */
export function pieceInput({ piece, clientId, state, version }: PieceRecord): PieceToChange {
  return { id: piece.id, version, clientId, state, piece: draftOf(piece) };
}

/** A piece as its form has it: as it was said, without what names it. */
export function draftOf(piece: Piece): PieceDraft {
  const { id: _id, ...draft } = asSaid(piece);
  return draft;
}

/** A piece as it was said, without its id; distributes over the kinds. */
export type PieceDraft = PieceAsSaid extends infer P
  ? P extends PieceAsSaid
    ? Omit<P, "id">
    : never
  : never;
