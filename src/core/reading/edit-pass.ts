import { takeOff, type Look } from "../piece/look";
import type { Piece } from "../piece/piece";
import { read } from "./read";

/** What the look would score without one of its accessories. */
export interface Removal {
  readonly piece: Piece;
  readonly before: number;
  readonly after: number;
}

/** Stand back and take one thing off: each accessory's removal, the one that gains most first. */
export function editPass(look: Look): Removal[] {
  const before = read(look).score;
  return look.accessories
    .map((piece) => ({ piece, before, after: read(takeOff(look, piece.id)).score }))
    .sort((one, other) => other.after - one.after);
}
