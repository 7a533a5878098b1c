import type { Piece } from "../piece/piece";

/** Whether some accessories make a set: shoes and at least two more. */
export function isWholeSet(pieces: readonly Piece[]): boolean {
  return pieces.length >= 3 && pieces.some(({ kind }) => kind === "shoe");
}
