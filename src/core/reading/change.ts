import { adjust, without, type StrapSetting, type Turn } from "../piece/adjustment";
import { takeOff, wear, type Look } from "../piece/look";
import type { Piece } from "../piece/piece";

/** One thing done to a look. */
export type Change =
  | { readonly kind: "wear"; readonly piece: Piece }
  | { readonly kind: "take-off"; readonly piece: string }
  | Turn
  | { readonly kind: "unturn"; readonly piece: string }
  | { readonly kind: "tuck-into-boot"; readonly piece: string }
  | { readonly kind: "tuck-in"; readonly piece: string }
  | { readonly kind: "wear-out"; readonly piece: string }
  | { readonly kind: "double"; readonly piece: string }
  | { readonly kind: "undouble"; readonly piece: string }
  | StrapSetting;

/** The look after a change; a turn-up and a tuck into the boot undo each other. */
export function apply(look: Look, change: Change): Look {
  const { adjustments } = look;
  switch (change.kind) {
    case "wear":
      return wear(look, change.piece);
    case "take-off":
      return takeOff(look, change.piece);
    case "turn":
      return { ...look, adjustments: adjust(without(adjustments, "tuck-into-boot", change.piece), change) };
    case "unturn":
      return {
        ...look,
        adjustments: without(without(adjustments, "turn", change.piece), "tuck-into-boot", change.piece),
      };
    case "tuck-into-boot":
      return { ...look, adjustments: adjust(without(adjustments, "turn", change.piece), change) };
    case "tuck-in":
      return { ...look, adjustments: adjust(without(adjustments, "wear-out", change.piece), change) };
    case "double":
    case "strap":
      return { ...look, adjustments: adjust(adjustments, change) };
    case "undouble":
      return { ...look, adjustments: without(adjustments, "double", change.piece) };
    case "wear-out":
      return { ...look, adjustments: adjust(without(adjustments, "tuck-in", change.piece), change) };
  }
}

/** A change in words, with the length unit left to `sayLength`. */
export function nameOf(piece: Pick<Piece, "name">): string {
  return piece.name.charAt(0).toLowerCase() + piece.name.slice(1);
}
