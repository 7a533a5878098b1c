import { isSameList } from "../lists/same-list";
import type { Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import type { Dressed } from "./dressed";

/** A look that was dressed before, and the accessories in which another on the same garments differs from it. */
export interface Beside {
  readonly dressed: Dressed;
  readonly gone: readonly Piece[];
  readonly come: readonly Piece[];
}

/** What a look has otherwise than one that was dressed before; null where wearer, garments or ways of wearing differ. */
export function besideOf(look: Look, dressed: Dressed): Beside | null {
  const { look: before } = dressed;
  const isWornAlike =
    look.client === before.client &&
    isSameList(look.garments, before.garments) &&
    isSameList(look.adjustments, before.adjustments);
  if (!isWornAlike) return null;
  const gone: Piece[] = [];
  let at = 0;
  for (const piece of before.accessories)
    if (look.accessories[at] === piece) at += 1;
    else gone.push(piece);
  // What stands in another place among the rest is both gone and come.
  const come = look.accessories.slice(at);
  const isOfBase = (piece: Piece) => look.garments.includes(piece);
  return gone.some(isOfBase) || come.some(isOfBase) ? null : { dressed, gone, come };
}
