import type { Dressed } from "../../dressing/dressed";
import type { PieceOf } from "../../piece/piece";

/** The look's hosiery and shoe, and the names a finding needs; null without hosiery. */
export function hosieryOf({ worn }: Dressed) {
  const item = worn.find(({ piece }) => piece.kind === "hosiery");
  if (item?.piece.kind !== "hosiery") return null;
  const shoe = worn.find(({ piece }) => piece.kind === "shoe") ?? null;
  return {
    item,
    hosiery: item.piece,
    shoe,
    shoePiece: shoe?.piece.kind === "shoe" ? shoe.piece : null,
  };
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
