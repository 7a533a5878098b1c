import type { Body } from "../body/body";
import { seatedRise } from "../body/seated";
import { uncovered, type Interval } from "../length/interval";
import { adjustmentsOf, adjustmentSpec, asWorn, type Adjustment } from "../piece/adjustment";
import { layerOf, type Layer } from "../piece/layers";
import { specOf, type Piece } from "../piece/piece";

/** A piece on a body, before it is known what hides it. */
export interface Placed {
  readonly piece: Piece;
  /** The piece with the figures it has as it is worn; the piece itself when nothing is done to it. */
  readonly asWorn: Piece;
  readonly adjustments: readonly Adjustment[];
  readonly extent: Interval;
  readonly layer: Layer;
}

/** Lays a piece on a body, with what is done to it. */
export function place(body: Body, piece: Piece, adjustments: readonly Adjustment[], seated: boolean): Placed {
  const own = adjustmentsOf(adjustments, piece.id);
  const worn = asWorn(piece, own);
  const spec = specOf(worn);
  let extent = spec.extent(worn.figures, body);
  let layer = spec.layer(worn.figures);
  for (const adjustment of own) {
    const change = adjustmentSpec(adjustment.kind);
    if (change.extent) extent = change.extent(extent, adjustment);
    if (change.layer) layer = change.layer;
  }
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

/** The parts of each piece that are seen from the front, in the order given. */
export function seenParts(placed: readonly Placed[]): Interval[][] {
  const covering = placed.filter(({ layer, asWorn: worn }) => layer.covers && hides(worn));
  return placed.map(({ layer, extent }) => {
    if (!layer.covered) return [extent];
    const covers: Interval[] = [];
    for (const cover of covering) if (cover.layer.order > layer.order) covers.push(cover.extent);
    return uncovered(extent, covers);
  });
}
