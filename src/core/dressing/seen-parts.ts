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

/** The parts of each piece that are seen from the front, in the order given. */
export function seenParts(placed: readonly Placed[], body: Body): SeenParts[] {
  const covering = placed
    .filter(({ layer, asWorn: worn }) => layer.covers && hides(worn))
    .map(({ layer, extent, asWorn: worn }) => {
      const opening = openingOf(worn, body);
      const to = opening === null ? extent.to : Math.max(extent.from, Math.min(extent.to, opening));
      return { order: layer.order, extent, closed: { from: extent.from, to } };
    });
  return placed.map(({ layer, extent }) => {
    const closed: Interval[] = [];
    const whole: Interval[] = [];
    if (layer.covered)
      for (const cover of covering) {
        const { from, to } = cover.extent;
        if (cover.order <= layer.order || to <= extent.from || from >= extent.to) continue;
        closed.push(cover.closed);
        whole.push(cover.extent);
      }
    if (whole.length === 0) return { parts: [extent], inOpening: [] };
    const parts = uncovered(extent, closed);
    const openly = uncovered(extent, whole);
    return { parts, inOpening: parts.flatMap((part) => uncovered(part, openly)) };
  });
}
