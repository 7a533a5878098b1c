import type { Adjustment } from "../piece/adjustment";
import { placeOf, type Piece } from "../piece/piece";
import type { Interval } from "./dressed";
import { isTucked } from "./extent";
import { uncovered } from "./intervals";

/** A piece with its extent, before it is known what hides it. */
export interface Placed {
  readonly piece: Piece;
  readonly extent: Interval;
}

/**
 * Order from the skin outwards of what covers the trunk and the legs; null for what is worn on top of
 * everything (bags, jewellery, hats) and hides nothing.
 */
function layerOf(piece: Piece, adjustments: readonly Adjustment[]): number | null {
  if (piece.kind === "hosiery") return 0;
  if (piece.kind === "shoe") return isTuckedInto(adjustments) ? 3 : 1;
  if (piece.kind === "top") return isTucked(piece, adjustments) ? 1 : 4;
  if (piece.kind === "jacket") return 5;
  if (piece.kind === "coat") return 6;
  const place = placeOf(piece);
  return place === "bottom" ? 2 : place === "whole" ? 3 : null;
}

function isTuckedInto(adjustments: readonly Adjustment[]): boolean {
  return adjustments.some((adjustment) => adjustment.kind === "tuck-into-boot");
}

/** Whether a garment hides what is under it down the middle: an open layer does not. */
export function hides(piece: Piece): boolean {
  return piece.kind === "jacket" || piece.kind === "coat" ? piece.figures.closed : true;
}

/** The parts of each piece that are seen from the front, in the order given. */
export function seenParts(placed: readonly Placed[], adjustments: readonly Adjustment[]): Interval[][] {
  const layers = placed.map((item) => layerOf(item.piece, adjustments));
  return placed.map((item, i) => {
    const layer = layers[i];
    if (item.piece.kind === "belt") return beltParts(item, placed);
    if (layer === null || layer === undefined) return [item.extent];
    const covers: Interval[] = [];
    placed.forEach((cover, j) => {
      const other = layers[j];
      if (other !== null && other !== undefined && other > layer && hides(cover.piece))
        covers.push(cover.extent);
    });
    return uncovered(item.extent, covers);
  });
}

/** A belt is worn outside everything but a closed layer. */
function beltParts(belt: Placed, placed: readonly Placed[]): Interval[] {
  const covers = placed.filter(({ piece }) => placeOf(piece) === "layer" && hides(piece));
  return uncovered(
    belt.extent,
    covers.map((cover) => cover.extent),
  );
}
