import type { Body } from "../body/body";
import { uncovered, type Interval } from "../length/interval";
import { openingOf, specOf, type Piece } from "../piece/piece";
import type { Placed } from "./placed";

/** Whether a piece as worn hides what is under it down the middle. */
export function hides(worn: Piece): boolean {
  return specOf(worn).hides?.(worn.figures) ?? true;
}

/** What is seen of a piece from the front. */
export interface SeenParts {
  readonly parts: readonly Interval[];
  /** Those of them that are seen only in the V of something closed over it. */
  readonly inOpening: readonly Interval[];
}

/** Something that hides what is under it, and of it what is closed: all of it where it has no opening. */
interface Cover {
  readonly order: number;
  readonly extent: Interval;
  readonly closed: Interval;
}

/** The parts of each piece that are seen from the front, in the order given. */
export function seenParts(placed: readonly Placed[], body: Body): SeenParts[] {
  const covering: Cover[] = [];
  for (const { layer, extent, asWorn } of placed)
    if (layer.covers && hides(asWorn))
      covering.push({ order: layer.order, extent, closed: closedPart(asWorn, extent, body) });
  return placed.map((item) => seenUnder(item, covering));
}

function closedPart(worn: Piece, extent: Interval, body: Body): Interval {
  const opening = openingOf(worn, body);
  if (opening === null || opening >= extent.to) return extent;
  return { from: extent.from, to: Math.max(extent.from, opening) };
}

function seenUnder({ layer, extent }: Placed, covering: readonly Cover[]): SeenParts {
  const over = layer.covered ? covering.filter((cover) => liesOver(cover, layer.order, extent)) : none;
  if (over.length === 0) return { parts: [extent], inOpening: none };
  const parts = uncovered(
    extent,
    over.map(({ closed }) => closed),
  );
  if (over.every((cover) => cover.closed === cover.extent)) return { parts, inOpening: none };
  const openly = uncovered(
    extent,
    over.map((cover) => cover.extent),
  );
  return { parts, inOpening: parts.flatMap((part) => uncovered(part, openly)) };
}

function liesOver(cover: Cover, order: number, { from, to }: Interval): boolean {
  return cover.order > order && cover.extent.to > from && cover.extent.from < to;
}

const none: readonly never[] = [];
