import { bodyOf, type Body } from "../body/body";
import { seatedRise } from "../body/seated";
import type { Interval } from "../length/interval";
import {
  adjustmentOn,
  adjustmentsOf,
  adjustmentSpec,
  asWornOn,
  wornSlot,
  type Adjustment,
} from "../piece/adjustment";
import type { GarmentPlace } from "../piece/kinds/define-kind";
import type { Client } from "../piece/client";
import type { Kind } from "../piece/kinds";
import type { Look } from "../piece/look";
import type { BodyZone } from "../piece/body-zone";
import { bodyZoneOf, isKind, isLegged, placeOf, specOf, type Piece } from "../piece/piece";
import { wornNeckOf } from "../neck/worn-neck";
import { hemLimitsOf } from "../proportion/hem-limits";
import { tiedOn, type TiedScarf } from "../piece/tied-scarf";
import { meet, type LegAndShoe } from "../proportion/meeting";
import { landingOf } from "../strap/landing";
import { areasOf } from "./areas";
import { countedColours } from "./counted-colours";
import type { Dressed, Worn, WornOf } from "./dressed";
import { placingOf } from "./level";
import { paletteOf } from "./palette";
import { place, seenParts } from "./placed";
import { skirtOf } from "./skirt";
import { topsUnderAnother } from "./tops";
import { profileOf } from "./profile";
import { touchesOf } from "./touches";

const bodies = new WeakMap<Client["measured"], Body>();

function bodyFor(client: Client): Body {
  let body = bodies.get(client.measured);
  if (!body) {
    body = bodyOf(client.measured);
    bodies.set(client.measured, body);
  }
  return body;
}

/**
 * Puts a look on the client's body: which part of each piece is seen, who touches whom, how large each
 * is, how hem and shoe meet. Rules and drawings read this and measure nothing themselves.
 */
export function dress(look: Look): Dressed {
  const body = bodyFor(look.client);
  const pieces: readonly Piece[] = [...look.garments, ...look.accessories];
  const skirtOver = look.garments.some(({ kind }) => kind === "skirt");
  const under = { skirtOver, tops: topsUnderAnother(look) };
  const placed = pieces.map((piece) => place(body, piece, look, under));
  const seen = seenParts(placed, body);
  const areas = areasOf(body, placed, seen);
  const leg = legOf(look, body);
  const worn = placed.map(({ piece, asWorn, adjustments, extent, layer }, i): Worn => {
    const accessory = i >= look.garments.length;
    const showsReverse = adjustments.some(({ kind }) => adjustmentSpec(kind).showsReverse === true);
    return {
      piece,
      asWorn,
      adjustments,
      // What is done to a piece may show other colours of it; else it is measured once.
      profile: profileOf(asWorn.swatches === piece.swatches ? piece : asWorn),
      zone: zoneOf(piece, adjustments),
      slot: accessory ? wornSlot(piece, adjustments) : null,
      place: skirtOver && piece.kind === "dress" ? "top" : placeAsWorn(piece, adjustments),
      extent,
      order: layer.order,
      seen: seen[i]?.parts ?? [],
      area: areas[i] ?? 0,
      centre: centreOf(asWorn, adjustments),
      showsReverse,
    };
  });
  const placing = placingOf(worn);
  const visible = worn.filter((item) => item.seen.length > 0);
  const tops = visible.filter((item) => item.place === "top").sort((one, other) => other.order - one.order);
  const shoe = firstOf(worn, "shoe");
  const bag = firstOf(worn, "bag");
  const hem = lowestHem(worn);
  const palette = paletteOf(visible);
  return {
    look,
    body,
    worn,
    visible,
    garments: visible.filter((item) => item.place !== null),
    accessories: visible.filter((item) => item.place === null),
    tops,
    shoe,
    bag,
    belt: firstOf(worn, "belt"),
    hosiery: firstOf(worn, "hosiery"),
    palette,
    colours: countedColours(palette),
    touches: touchesOf(visible, tops, leg, hem),
    leg,
    hem,
    bareLeg: bareLeg(shoe, hem, leg),
    lift: shoe?.piece.figures.lift ?? 0,
    placing,
    level: placing?.level ?? null,
    neck: wornNeckOf(look, body),
    tied: tiedOf(look, body),
    landing: bag && landingOf(bag.asWorn, look, body),
    skirt: skirtOf(worn, body),
  };
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

/** The scarf of a look as it is folded and tied; null without one, or where nobody has said how it is tied. */
function tiedOf({ accessories, adjustments }: Look, body: Body): TiedScarf | null {
  for (const piece of accessories) {
    const tie = isKind(piece, "scarf") ? adjustmentOn(adjustments, "tie", piece.id) : null;
    if (tie && isKind(piece, "scarf")) return tiedOn(piece, tie, body);
  }
  return null;
}

function legOf(look: Look, body: Body): LegAndShoe | null {
  const trousers = look.garments.find(isLegged);
  const shoe = look.accessories.find((piece) => isKind(piece, "shoe"));
  if (!trousers || !shoe) return null;
  const tucked = adjustmentOn(look.adjustments, "tuck-into-boot", trousers.id) !== null;
  const turn = adjustmentOn(look.adjustments, "turn", trousers.id);
  const worn = asWornOn(trousers, adjustmentsOf(look.adjustments, trousers.id), body);
  const rise = look.client.seated ? seatedRise("trousers", body.height, body.measures.kneeLine.cm, 0) : 0;
  return meet(body, worn, shoe, { turn, tucked, rise }, hemLimitsOf(look.client.ruleBook));
}

/** The first piece of a kind, from the head down. */
function firstOf<K extends Kind>(worn: readonly Worn[], kind: K): WornOf<K> | null {
  for (const item of worn) if (isOf(item, kind)) return item;
  return null;
}

function isOf<K extends Kind>(item: Worn, kind: K): item is WornOf<K> {
  return item.piece.kind === kind;
}

function lowestHem(worn: readonly Worn[]): number | null {
  let hem: number | null = null;
  for (const { place: where, extent } of worn)
    if ((where === "bottom" || where === "whole") && (hem === null || extent.from < hem)) hem = extent.from;
  return hem;
}

function bareLeg(shoe: Worn | null, hem: number | null, leg: LegAndShoe | null): Interval | null {
  if (hem === null || leg?.fit?.meeting === "tucked") return null;
  const from = shoe ? shoe.extent.to : 0;
  return hem > from ? { from, to: hem } : null;
}
