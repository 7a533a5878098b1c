import { whole } from "../field";
import type { Piece } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** A sleeve pushed once ends below the elbow, twice at it. */
const pushed = { 1: "three-quarter", 2: "elbow" } as const;

/** What bare forearms take off a piece's level and its warmth, for each push. */
const levelEach = -0.25;
const cloEach = -0.02;

export const sleevesPushed = defineAdjustment({
  settings: { times: whole("How far", [1, 2], 1) },
  excludes: ["front", "round-shoulders"],
  options: (piece) => (hasLongSleeves(piece) ? [{ times: 1 }, { times: 2 }] : []),
  asWorn: (piece, { times }) => {
    if (!hasLongSleeves(piece)) return piece;
    const sleeve = pushed[times === 2 ? 2 : 1];
    return { ...piece, figures: { ...piece.figures, sleeve } } as typeof piece;
  },
  showsReverse: true,
  level: ({ times }) => times * levelEach,
  insulation: ({ times }) => times * cloEach,
  station: () => "wrist",
  words: {
    name: "Sleeves pushed",
    doing: "Push the sleeves of {piece} up {times, plural, one {once} other {twice, to the elbow}}",
    undoing: "Let the sleeves of {piece} down",
    done: "sleeves pushed up {times, plural, one {once} other {to the elbow}}",
  },
});

type Sleeved = Extract<Piece, { figures: { sleeve: unknown } }>;

function hasLongSleeves(piece: Piece): piece is Sleeved {
  return "sleeve" in piece.figures && piece.figures.sleeve === "long";
}
