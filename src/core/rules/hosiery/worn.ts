import type { Dressed } from "../../dressing/dressed";
import type { PieceOf } from "../../piece/piece";

/** The look's hosiery and shoe, and the names a finding needs; null without hosiery. */
export function hosieryOf({ hosiery: item, shoe }: Dressed) {
  return item && { item, hosiery: item.piece, shoe, shoePiece: shoe?.piece ?? null };
}

const socks: ReadonlySet<PieceOf<"hosiery">["figures"]["form"]> = new Set([
  "liner",
  "ankle sock",
  "crew sock",
  "boot sock",
]);

/** Whether hosiery is a sock rather than a stocking. */
export function isSock(hosiery: PieceOf<"hosiery">): boolean {
  return socks.has(hosiery.figures.form);
}
