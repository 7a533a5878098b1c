import type { Body } from "../body/body";
import { seatedRise } from "../body/seated";
import { uncovered, type Interval } from "../length/interval";
import { adjustmentsOf, adjustmentSpec, asWornOn, type Adjustment } from "../piece/adjustment";
import type { Look } from "../piece/look";
import { layerOf, type Layer } from "../piece/layers";
import { isKind, openingOf, specOf, type Piece } from "../piece/piece";

/** A piece on a body, before it is known what hides it. */
export interface Placed {
  readonly piece: Piece;
  /** The piece with the figures it has as it is worn; the piece itself when nothing is done to it. */
  readonly asWorn: Piece;
  readonly adjustments: readonly Adjustment[];
  readonly extent: Interval;
  readonly layer: Layer;
}

/** What of a look's garments lies under another one of them. */
export interface Underneath {
  /** A skirt is worn over the dress: it takes the dress in as it does a top. */
  readonly skirtOver: boolean;
  /** The tops that lie under another top. */
  readonly tops: readonly Piece[];
}

/** Lays a piece on a body, with what is done to it, under what the look has over it. */
export function place(
  body: Body,
  piece: Piece,
  { adjustments, client: { seated } }: Pick<Look, "adjustments" | "client">,
  under: Underneath,
): Placed {
  const own = adjustmentsOf(adjustments, piece.id);
  const worn = asWornOn(piece, own, body);
  const spec = specOf(worn);
  let extent = spec.extent(worn.figures, body);
  let layer = under.skirtOver && worn.kind === "dress" ? "tucked top" : spec.layer(worn.figures);
  for (const adjustment of own) {
    const change = adjustmentSpec(adjustment.kind);
    if (change.extent) extent = change.extent(extent, adjustment, { piece, body });
    layer = change.layer?.(adjustment) ?? layer;
  }
  if (isKind(worn, "top") && under.tops.includes(piece))
    layer = worn.figures.tucked ? "tucked under a top" : "under a top";
  if (seated && spec.seated) {
    const { height, measures } = body;
    extent = {
      from: extent.from + seatedRise(spec.seated, height, measures.kneeLine.cm, extent.from),
      to: extent.to,
    };
  }
  return { piece, asWorn: worn, adjustments: own, extent, layer: layerOf(layer) };
}

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
