import { choice } from "../field";
import { isKnit, placeOf } from "../piece";
import { defineAdjustment } from "./define-adjustment";

/** How a knit is worn off the body. */
export const knitWays = ["round the shoulders", "across the body"] as const;

/** How far below the side neck points it reaches, cm, and what it takes of a look's area. */
const reaches = { "round the shoulders": 22, "across the body": 42 } as const;
const area = { "round the shoulders": 0.08, "across the body": 0.07 } as const;

/** What warmth is left of a knit that lies round the shoulders is as much less as this, clo. */
const clo = -0.2;

/** A knit tied by its sleeves, round the shoulders or across the body. */
export const roundShoulders = defineAdjustment({
  settings: { how: choice("Where", knitWays) },
  excludes: [
    "wear-out",
    "tuck-in",
    "half-tuck",
    "knot-front",
    "under-dress",
    "sleeves-pushed",
    "off-shoulder",
  ],
  options: (piece) =>
    isKnit(piece) && piece.figures.sleeve === "long" ? knitWays.map((how) => ({ how })) : [],
  extent: (_, { how }, { body: { measures } }) => ({
    from: measures.neckPoint.cm - reaches[how],
    to: measures.neckPoint.cm,
  }),
  area: ({ how }) => area[how],
  layer: () => "scarf",
  place: () => "layer",
  insulation: () => clo,
  needs: (others) => others.some((other) => placeOf(other) === "top" || placeOf(other) === "whole"),
  station: () => "neck",
  words: {
    name: "Off the arms",
    doing: "Tie {piece} {how, select, across_the_body {across the body} other {round the shoulders}}",
    undoing: "Put {piece} on",
    done: "{how, select, across_the_body {across the body} other {round the shoulders}}",
  },
});
