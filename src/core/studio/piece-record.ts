import { asSaid, type PieceAsSaid } from "../piece/as-said";
import type { AwayFor, CareNeed } from "../piece/on-record";
import type { Piece } from "../piece/piece";

export const pieceStates = ["ready", "in care", "on loan"] as const satisfies readonly ("ready" | AwayFor)[];

/** What is recorded of a piece beside what the core reads. */
export interface PieceRecord {
  readonly piece: Piece;
  /** Null: it is the studio's kit. */
  readonly clientId: string | null;
  readonly state: (typeof pieceStates)[number];
  /** The day it is due back, yyyy-mm-dd; null: nobody has said, or it is here. */
  readonly backOn: string | null;
  readonly needs: readonly CareNeed[];
  readonly version: number;
}

/** A piece as it is sent; of one that is here and needs nothing, nothing more is said. */
export type PieceInput = Pick<PieceRecord, "clientId" | "state"> &
  Partial<Pick<PieceRecord, "backOn" | "needs">> & {
    readonly piece: PieceDraft;
    /** A picture to be kept beside it, in base64; null: what is kept goes; left out: it stays. */
    readonly photo?: string | null;
  };

/** A piece as its form has it, with what names it and its version. */
export type PieceToChange = PieceInput & { readonly id: string; readonly version: number };

/** A piece as a form has it: what was read of it, to be sent back with its version. */
export function pieceInput(record: PieceRecord): PieceToChange {
  const { piece, clientId, state, backOn, needs, version } = record;
  return { id: piece.id, version, clientId, state, backOn, needs, piece: draftOf(piece) };
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
