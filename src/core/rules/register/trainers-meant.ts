import type { Dressed, Worn } from "../../dressing/dressed";
import { isKind, type Piece } from "../../piece/piece";
import { param, valuesOf } from "../../rule-book/params";

/** Trainers worn under tailoring, and whether the rest is dressed down with them. */
export interface TrainersUnderTailoring {
  readonly shoe: Piece;
  readonly tailored: Piece;
  readonly top: Piece | null;
  /** What the rule book's school makes of it. */
  readonly meant: boolean;
}

/** The rule's figures, which the spread of the register reads too. */
export const trainersParams = {
  dressed: param(6, "level", "level up to which the top is dressed down"),
} as const;

/** The trainers of a look that has tailoring; null where either is missing. */
export function trainersUnderTailoring(dressed: Dressed): TrainersUnderTailoring | null {
  const { shoe: worn, visible, garments, look } = dressed;
  if (worn?.piece.figures.form !== "trainer") return null;
  const { ruleBook } = look.client;
  const { dressed: most } = valuesOf("register.trainers", trainersParams, ruleBook);
  const shoe = worn.piece;
  const tailored = garments.find(({ piece }) => piece.poles.includes("tailored"))?.piece;
  if (worn.seen.length === 0 || !tailored) return null;
  const top = garments.find(({ piece }) => piece.kind === "top")?.piece ?? null;
  const meant =
    ruleBook.schools.trainers !== "no" && top !== null && isDressedDown(top, most) && !visible.some(isBowTie);
  return { shoe, tailored, top, meant };
}

/** A knit or a tee rather than a shirt, and not of a dressy level. */
function isDressedDown(top: Piece, most: number): boolean {
  return isKind(top, "top") && top.figures.neckline !== "shirt collar" && top.register.centre <= most;
}

function isBowTie({ piece }: Worn): boolean {
  return isKind(piece, "scarf") && piece.figures.worn === "tied as a bow";
}
