import type { Dressed, Worn } from "../../dressing/dressed";
import { isKind, isTailoredLayer, isTrainer, type Piece } from "../../piece/piece";
import { param, valuesOf } from "../../rule-book/params";

/** Trainers worn under tailoring, and whether the rest is dressed down with them. */
export interface TrainersUnderTailoring {
  readonly shoe: Piece;
  readonly tailored: Piece;
  /** The top under it that is seen; null without one. */
  readonly top: Piece | null;
  /** A tie, where one is worn. */
  readonly tie: Piece | null;
  /** What the rule book's school makes of it: the rest is dressed down with them. */
  readonly meant: boolean;
  /** Made for running, which no top makes meant. */
  readonly running: boolean;
}

/** The rule's figures, which the spread of the register reads too. */
export const trainersParams = {
  dressed: param(6, "level", "level up to which the top is dressed down"),
} as const;

/** The trainers of a look with a tailored jacket over trousers; null where either is missing. */
export function trainersUnderTailoring(dressed: Dressed): TrainersUnderTailoring | null {
  const { shoe: worn, visible, garments, tops, look } = dressed;
  if (!worn || worn.seen.length === 0 || !isTrainer(worn.piece)) return null;
  const { ruleBook } = look.client;
  const { dressed: most } = valuesOf("register.trainers", trainersParams, ruleBook);
  const tailored = garments.find(({ piece }) => isTailoredLayer(piece))?.piece;
  const trousers = garments.some(({ piece }) => piece.kind === "trousers");
  if (!tailored || !trousers) return null;
  const top = tops.find(({ piece }) => piece.kind === "top")?.piece ?? null;
  const tie = visible.find(isTie)?.piece ?? null;
  const running = worn.piece.figures.form === "running shoe";
  const eased = top !== null && isDressedDown(top, most) && tie === null;
  return {
    shoe: worn.piece,
    tailored,
    top,
    tie,
    running,
    meant: ruleBook.schools.trainers !== "no" && eased && !running,
  };
}

/** A knit or a tee rather than a shirt, and not said to be of a dressy level. */
function isDressedDown(top: Piece, most: number): boolean {
  if (!isKind(top, "top") || top.figures.neckline === "shirt collar") return false;
  return top.register === null || top.register.centre <= most;
}

/** No scarf is as narrow as a tie, cm. */
const tieWidth = 12;

/** A tie or a bow, knotted at the collar. */
function isTie({ piece }: Worn): boolean {
  if (!isKind(piece, "scarf")) return false;
  const { worn, sideB } = piece.figures;
  return worn === "tied as a bow" || (worn.startsWith("tied") && sideB <= tieWidth);
}
