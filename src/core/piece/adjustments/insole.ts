import { isKind, type PieceOf } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** Insulation an insole adds, clo (docs/model.md, Comfort). */
const clo = 0.04;

/** Forms that are open where an insole would lie to be seen. */
const open: ReadonlySet<PieceOf<"shoe">["figures"]["form"]> = new Set(["sandal", "thong", "mule"]);

/** An insole in the shoe: it is walked in for longer, and a little warmer. Nobody sees it. */
export const insole = defineAdjustment({
  settings: {},
  excludes: [],
  options: (piece) => (isKind(piece, "shoe") && !open.has(piece.figures.form) ? [{}] : []),
  insulation: () => clo,
  words: {
    name: "Insole",
    doing: "Put an insole in {piece}",
    undoing: "Take the insole out of {piece}",
    done: "with an insole",
  },
});
