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
  const covering: Covering[] = [];
  for (const { piece, extent } of placed) {
    const layer = layerOf(piece, adjustments);
    if (layer !== null && hides(piece)) covering.push({ layer, extent });
  }
  return placed.map(({ piece, extent }) => {
    const layer = piece.kind === "belt" ? beltLayer : layerOf(piece, adjustments);
    if (layer === null) return [extent];
    const covers: Interval[] = [];
    for (const cover of covering) if (cover.layer > layer) covers.push(cover.extent);
    return uncovered(extent, covers);
  });
}

interface Covering {
  readonly layer: number;
  readonly extent: Interval;
}

/** A belt is worn outside everything but a closed jacket or coat, and hides nothing to speak of. */
const beltLayer = 4;
