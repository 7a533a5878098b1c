import type { Piece } from "../piece/piece";

/** Milliseconds of a day. */
const aDay = 86_400_000;

/**
 * Whether a piece should rest on a day: shoes are not worn two days running, so that leather dries (2.11).
 * @param lastWorn the last day it was worn, yyyy-mm-dd; undefined: never
 */
export function restsOn({ kind }: Piece, lastWorn: string | undefined, day: string): boolean {
  if (kind !== "shoe" || lastWorn === undefined) return false;
  const days = (Date.parse(`${day}T00:00:00Z`) - Date.parse(`${lastWorn}T00:00:00Z`)) / aDay;
  return days >= 0 && days <= 1;
}
