import type { Piece } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** What a collar round the neck adds, clo, and what it takes off the level of a look. */
const clo = 0.03;
const level = -0.25;

/** Collars that can be turned up: those that lie folded down. */
const folded: ReadonlySet<string> = new Set(["notched"]);

/** The collar of a coat, a jacket or a shirt turned up round the neck. */
export const collarUp = defineAdjustment({
  settings: {},
  excludes: [],
  options: (piece) => (hasFoldedCollar(piece) ? [{}] : []),
  level: () => level,
  insulation: () => clo,
  station: () => "neck",
  words: {
    name: "Collar up",
    doing: "Turn the collar of {piece} up",
    undoing: "Fold the collar of {piece} down",
    done: "collar up",
  },
});

function hasFoldedCollar(piece: Piece): boolean {
  if (piece.kind === "coat" || piece.kind === "jacket")
    return folded.has(piece.figures.collar) && piece.figures.form !== "waistcoat";
  return "neckline" in piece.figures && piece.figures.neckline === "shirt collar";
}
