import { length, whole } from "../field";
import { isLegged } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** Depths that are tried, in half centimetres: a single turn and each of a double roll. */
const least = 2;
const deepest = { 1: 7.5, 2: 5 } as const;
const step = 0.5;

const turns = ([1, 2] as const).flatMap((count) =>
  Array.from({ length: (deepest[count] - least) / step + 1 }, (_, i) => ({ count, depth: least + i * step })),
);

export const turn = defineAdjustment({
  settings: {
    count: whole("Number of turns", [1, 2], 1),
    depth: length("Depth of each turn", [0.5, 15], 3),
  },
  excludes: ["tuck-into-boot", "hems-up"],
  // A hem that stretches gathers the leg: there is nothing to turn.
  options: (piece) => (isLegged(piece) && piece.figures.hem !== "stretch" ? turns : []),
  extent: ({ from, to }, { count, depth }) => ({ from: from + count * depth, to }),
  showsReverse: true,
  words: {
    name: "Turn-up",
    doing: "Turn {piece} up {count, plural, one {once, {depth}} other {twice, {depth} each}}",
    undoing: "Turn {piece} down",
    done: "turned up {count, plural, one {once, {depth}} other {twice, {depth} each}}",
  },
});
