import type { PieceCommon } from "../piece/piece-common";
import { pieceInput, type PieceInput, type PieceRecord } from "./piece-record";

/** What names a piece as it was seen. */
export interface PieceKey {
  readonly id: string;
  readonly version: number;
}

/** What may be said of many pieces at once; what is left out stays as it is with each. */
export type PieceChange = Partial<
  Pick<PieceRecord, "clientId" | "state" | "backOn" | "needs"> &
    Pick<PieceCommon, "finish" | "metal" | "poles" | "statement" | "register">
>;

/** A piece with a change made, as its form would send it. */
export function changed(record: PieceRecord, change: PieceChange): PieceInput {
  const { piece, clientId } = pieceInput(record);
  const { state, backOn, needs } = record;
  const { finish, metal, poles, statement, register, ...ofRecord } = change;
  const said = Object.fromEntries(
    Object.entries({ finish, metal, poles, statement, register }).filter(([, value]) => value !== undefined),
  );
  const shown = metal !== undefined && metal !== "none" && piece.metalSize === 0 ? { metalSize: 1 } : {};
  return {
    clientId,
    state,
    backOn,
    needs,
    ...ofRecord,
    piece: { ...piece, ...said, ...shown } as PieceInput["piece"],
  };
}
