import { uncovered } from "../length/interval";
import type { Cover, Placed, SeenParts } from "./placed";

/** The parts of each piece that are seen from the front, in the order given. */
export function seenParts(placed: readonly Placed[]): SeenParts[] {
  const covering: Cover[] = [];
  for (const { cover } of placed) if (cover) covering.push(cover);
  return placed.map((item) => seenUnder(item, covering));
}

function seenUnder(item: Placed, covering: readonly Cover[]): SeenParts {
  const { extent, layer, whole } = item;
  if (!layer.covered) return whole;
  const over = coversOver(item, covering);
  if (over.length === 0) return whole;
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

/** What lies over a piece somewhere. */
function coversOver({ layer, extent: { from, to } }: Placed, covering: readonly Cover[]): readonly Cover[] {
  let over: Cover[] | null = null;
  for (const cover of covering)
    if (cover.order > layer.order && cover.extent.to > from && cover.extent.from < to)
      (over ??= []).push(cover);
  return over ?? none;
}

const none: readonly never[] = [];
