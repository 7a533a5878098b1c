import { sayLength, type LengthUnit } from "@/core/length/length";
import type { Piece } from "@/core/piece/piece";
import type { Turn } from "@/core/piece/adjustment";
import { nameOf, type Change } from "@/core/reading/change";

/** A change in the words of a button. */
export function sayChange(
  change: Change,
  unit: LengthUnit,
  named: (id: string) => Piece | undefined,
): string {
  const name = (id: string) => {
    const piece = named(id);
    return piece ? nameOf(piece) : "it";
  };
  switch (change.kind) {
    case "wear":
      return `Put on ${nameOf(change.piece)}`;
    case "take-off":
      return `Take off ${name(change.piece)}`;
    case "turn":
      return sayTurn(change, unit);
    case "unturn":
      return "Let the hem down";
    case "tuck-into-boot":
      return "Tuck into the boot";
    case "tuck-in":
      return `Tuck in ${name(change.piece)}`;
    case "double":
      return `Double ${name(change.piece)}`;
    case "undouble":
      return `Wear ${name(change.piece)} single`;
    case "strap":
      return `Carry ${name(change.piece)} ${carryWords[change.carry]}${change.way === "as made" ? "" : `, strap ${change.way}`}`;
    case "wear-out":
      return `Wear ${name(change.piece)} out`;
  }
}

/** A turn-up in words: "Turn once, 4 cm". */
export function sayTurn(turn: Pick<Turn, "count" | "depth">, unit: LengthUnit): string {
  return `Turn ${turn.count === 1 ? "once" : "twice"}, ${sayLength(turn.depth, unit)}`;
}

/** Ways of carrying in the words of a sentence. */
const carryWords = {
  shoulder: "on the shoulder",
  "cross-body": "across the body",
  crook: "in the crook of the arm",
  hand: "in the hand",
  clutch: "as a clutch",
  wrist: "on the wrist",
} as const;
