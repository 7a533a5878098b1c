import { uncovered, type Interval } from "../length/interval";
import type { Cover, Placed } from "./placed";

/** What is seen of a piece from the front. */
export interface SeenParts {
  readonly parts: readonly Interval[];
  /** Those of them that are seen only in the V of something closed over it. */
  readonly inOpening: readonly Interval[];
}

/** What is seen of a piece under what lies over it. */
export function seenUnder({ extent, whole }: Placed, over: readonly Cover[]): SeenParts {
  if (over.length === 0) return { parts: whole, inOpening: none };
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

/** What of a look lies over a piece somewhere. */
export function coversOver(
  { layer, extent: { from, to } }: Placed,
  covering: readonly Cover[],
): readonly Cover[] {
  if (!layer.covered) return none;
  let over: Cover[] | null = null;
  for (const cover of covering)
    if (cover.order > layer.order && cover.extent.to > from && cover.extent.from < to)
      (over ??= []).push(cover);
  return over ?? none;
}

const none: readonly never[] = [];
