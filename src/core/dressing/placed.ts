import type { Body } from "../body/body";
import { seatedRise } from "../body/seated";
import { adjustmentsOf, adjustmentSpec, asWornOn, wornSlot, type Adjustment } from "../piece/adjustment";
import type { Interval } from "../length/interval";
import type { BodyZone } from "../piece/body-zone";
import { insulationOf } from "../piece/insulation";
import type { GarmentPlace } from "../piece/kinds/define-kind";
import { layerOf, type Layer } from "../piece/layers";
import type { Look } from "../piece/look";
import { bodyZoneOf, hides, isKind, openingOf, placeOf, specOf, type Piece } from "../piece/piece";
import type { Worn } from "./dressed";
import { profileOf } from "./profile";
import { isSameList } from "../lists/same-list";

/** Something that hides what is under it, and of it what is closed: all of it where it has no opening. */
export interface Cover {
  readonly order: number;
  readonly extent: Interval;
  readonly closed: Interval;
}

/** A piece on a body, before it is known what hides it. */
export interface Placed extends Omit<Worn, "order" | "seen" | "area" | "patches"> {
  readonly layer: Layer;
  /** What it hides of what lies under it; null where that is nothing. */
  readonly cover: Cover | null;
  /** What is seen of it where nothing lies over it, and how much of a look that takes. */
  readonly whole: readonly Interval[];
  readonly wholeArea: number;
}

/** What of a look's garments lies under another one of them. */
export interface Underneath {
  /** A skirt is worn over the dress: it takes the dress in as it does a top. */
  readonly skirtOver: boolean;
  /** The tops that lie under another top. */
  readonly tops: readonly Piece[];
}

/** The look that pieces are laid on a body for. */
export interface Laying {
  readonly body: Body;
  readonly look: Look;
  readonly under: Underneath;
}

/** All that the place of a piece rests on. */
interface Circumstances {
  readonly body: Body;
  /** What is done to it. */
  readonly own: readonly Adjustment[];
  readonly seated: boolean;
  /** Whether it is a garment of the base. */
  readonly isGarment: boolean;
  readonly skirtOver: boolean;
  readonly underTop: boolean;
}

/** Where each piece was laid last: one look after another has most of its pieces as the one before. */
const lately = new WeakMap<Piece, { readonly on: Circumstances; readonly placed: Placed }>();

/** Lays a piece on a body, with what is done to it, under what the look has over it. */
export function place(piece: Piece, isGarment: boolean, { body, look, under }: Laying): Placed {
  const before = lately.get(piece);
  const own = adjustmentsOf(look.adjustments, piece.id);
  const { seated } = look.client;
  const { skirtOver } = under;
  const underTop = isKind(piece, "top") && under.tops.includes(piece);
  if (before) {
    const { on } = before;
    const isSame =
      on.body === body &&
      on.seated === seated &&
      on.isGarment === isGarment &&
      on.skirtOver === skirtOver &&
      on.underTop === underTop &&
      isSameList(on.own, own);
    if (isSame) return before.placed;
  }
  const on: Circumstances = { body, own, seated, isGarment, skirtOver, underTop };
  const placed = layOn(piece, on);
  lately.set(piece, { on, placed });
  return placed;
}

function layOn(piece: Piece, { body, own, seated, isGarment, skirtOver, underTop }: Circumstances): Placed {
  const worn = asWornOn(piece, own, body);
  const spec = specOf(worn);
  let extent = spec.extent(worn.figures, body);
  let layer = skirtOver && worn.kind === "dress" ? "tucked top" : spec.layer(worn.figures);
  for (const adjustment of own) {
    const change = adjustmentSpec(adjustment.kind);
    if (change.extent) extent = change.extent(extent, adjustment, { piece, body });
    layer = change.layer?.(adjustment) ?? layer;
  }
  if (isKind(worn, "top") && underTop) layer = worn.figures.tucked ? "tucked under a top" : "under a top";
  if (seated && spec.seated) {
    const { height, measures } = body;
    extent = {
      from: extent.from + seatedRise(spec.seated, height, measures.kneeLine.cm, extent.from),
      to: extent.to,
    };
  }
  const whole = [extent];
  return {
    piece,
    asWorn: worn,
    adjustments: own,
    // What is done to a piece may show other colours of it; else it is measured once.
    profile: profileOf(worn.swatches === piece.swatches ? piece : worn),
    zone: zoneOf(piece, own),
    slot: isGarment ? null : wornSlot(piece, own),
    place: skirtOver && piece.kind === "dress" ? "top" : placeAsWorn(piece, own),
    extent,
    layer: layerOf(layer),
    cover: coverOf(worn, extent, layerOf(layer), body),
    whole,
    wholeArea: areaOfPiece({ piece, adjustments: own, extent }, whole, body),
    centre: centreOf(worn, own),
    insulation: insulationOf(worn, own),
    showsReverse: own.some(({ kind }) => adjustmentSpec(kind).showsReverse === true),
  };
}

function coverOf(worn: Piece, extent: Interval, { covers, order }: Layer, body: Body): Cover | null {
  if (!covers || !hides(worn)) return null;
  const opening = openingOf(worn, body);
  const closed =
    opening === null || opening >= extent.to
      ? extent
      : { from: extent.from, to: Math.max(extent.from, opening) };
  return { order, extent, closed };
}

/** How much a piece takes by what is seen of it, or by the way it is worn. */
export function areaOfPiece(
  { piece, adjustments, extent }: Pick<Placed, "piece" | "adjustments" | "extent">,
  parts: readonly Interval[],
  body: Body,
): number {
  for (const adjustment of adjustments) {
    const area = adjustmentSpec(adjustment.kind).area?.(adjustment);
    if (area !== undefined) return area;
  }
  return specOf(piece).area({ parts, extent }, body);
}

/** Where on the body a piece is looked at as it is worn. */
function zoneOf(piece: Piece, adjustments: readonly Adjustment[]): BodyZone {
  for (const adjustment of adjustments) {
    const zone = adjustmentSpec(adjustment.kind).zone?.(adjustment);
    if (zone) return zone;
  }
  return bodyZoneOf(piece);
}

/** The place of a garment as it is worn. */
function placeAsWorn(piece: Piece, adjustments: readonly Adjustment[]): GarmentPlace | null {
  for (const { kind, ...settings } of adjustments) {
    const where = adjustmentSpec(kind).place?.(settings);
    if (where) return where;
  }
  return placeOf(piece);
}

/** The level of a piece as it is worn: its own, what its figures lean to within its span, and what is done to it. */
function centreOf(asWorn: Piece, adjustments: readonly Adjustment[]): number | null {
  if (!asWorn.register) return null;
  const { low, centre, high } = asWorn.register;
  const leaning = centre + (specOf(asWorn).leans?.(asWorn.figures) ?? 0);
  let level = Math.min(high, Math.max(low, leaning));
  for (const adjustment of adjustments) level += adjustmentSpec(adjustment.kind).level?.(adjustment) ?? 0;
  return level;
}
