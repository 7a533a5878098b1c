import { isSameList } from "../lists/same-list";
import { putInOrder } from "../lists/put-in-order";
import { bodyOf, type Body } from "../body/body";
import { seatedRise } from "../body/seated";
import type { Interval } from "../length/interval";
import { adjustmentOn, adjustmentsOf, asWornOn } from "../piece/adjustment";
import type { Client } from "../piece/client";
import type { Kind } from "../piece/kinds";
import type { Look } from "../piece/look";
import { isKind, isLegged, type Piece } from "../piece/piece";
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
import { place, type Placed } from "./placed";
import { seenParts } from "./seen-parts";
import { skirtOf } from "./skirt";
import { topsUnderAnother } from "./tops";
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
 * @param beside a look that was dressed before: where it differs in an accessory or two, the rest is not measured again
 */
export function dress(look: Look, beside: Dressed | null = null): Dressed {
  const body = bodyFor(look.client);
  const skirtOver = look.garments.some(({ kind }) => kind === "skirt");
  const under = { skirtOver, tops: topsUnderAnother(look) };
  const laying = { body, look, under };
  const placed: Placed[] = [];
  for (const garment of look.garments) placed.push(place(garment, true, laying));
  for (const accessory of look.accessories) placed.push(place(accessory, look.garments.includes(accessory), laying));
  const seen = seenParts(placed);
  const areas = areasOf(body, placed, seen);
  const { leg, neck, tied, landed } = measuredOf(look, body, beside);
  const worn = placed.map((item, i): Worn => ({
    piece: item.piece,
    asWorn: item.asWorn,
    adjustments: item.adjustments,
    profile: item.profile,
    zone: item.zone,
    slot: item.slot,
    place: item.place,
    extent: item.extent,
    order: item.layer.order,
    seen: seen[i]?.parts ?? [],
    area: areas[i] ?? 0,
    centre: item.centre,
    insulation: item.insulation,
    showsReverse: item.showsReverse,
  }));
  const placing = placingOf(worn);
  const visible: Worn[] = [];
  const garments: Worn[] = [];
  const accessories: Worn[] = [];
  const tops: Worn[] = [];
  for (const item of worn) {
    if (item.seen.length === 0) continue;
    visible.push(item);
    (item.place === null ? accessories : garments).push(item);
    if (item.place === "top") tops.push(item);
  }
  putInOrder(tops, outermostFirst);
  const shoe = firstOf(worn, "shoe");
  const bag = firstOf(worn, "bag");
  const hem = lowestHem(worn);
  const palette = paletteOf(visible);
  return {
    look,
    body,
    worn,
    visible,
    garments,
    accessories,
    tops,
    shoe,
    bag,
    belt: firstOf(worn, "belt"),
    hosiery: firstOf(worn, "hosiery"),
    palette,
    colours: countedColours(palette),
    touches: touchesOf({ visible, tops, leg, hem, neck }),
    leg,
    hem,
    bareLeg: bareLeg(shoe, hem, leg),
    lift: shoe?.piece.figures.lift ?? 0,
    placing,
    level: placing?.level ?? null,
    neck,
    tied,
    landing: bag && (landed ?? landingOf(bag.asWorn, look, body)),
    skirt: skirtOf(worn, body),
  };
}

/** What single accessories make of a look with its garments, whatever else is put on. */
interface Measured extends Pick<Dressed, "leg" | "neck" | "tied"> {
  /** Where the bag lands, where that is known from the look beside it. */
  readonly landed: Dressed["landing"];
}

/** On what of the accessories each of these rests. */
const restsOn = {
  leg: new Set<Kind>(["shoe"]),
  neck: new Set<Kind>(["necklace", "scarf"]),
  tied: new Set<Kind>(["scarf"]),
  landed: new Set<Kind>(["bag", "coat"]),
} as const satisfies Record<keyof Measured, ReadonlySet<Kind>>;

function measuredOf(look: Look, body: Body, beside: Dressed | null): Measured {
  const known = beside && isWornAlike(look, beside.look) ? beside : null;
  const isAlike = (what: keyof Measured) =>
    known !== null && isSameOf(restsOn[what], look.accessories, known.look.accessories);
  return {
    leg: known && isAlike("leg") ? known.leg : legOf(look, body),
    neck: known && isAlike("neck") ? known.neck : wornNeckOf(look, body),
    tied: known && isAlike("tied") ? known.tied : tiedOf(look, body),
    landed: known && isAlike("landed") ? known.landing : null,
  };
}

/** Whether two looks have the same wearer, garments and ways of wearing. */
function isWornAlike(one: Look, other: Look): boolean {
  return (
    one.client === other.client &&
    isSameList(one.garments, other.garments) &&
    isSameList(one.adjustments, other.adjustments)
  );
}

/** Whether two lists hold the same pieces of some kinds, in the same order. */
function isSameOf(kinds: ReadonlySet<Kind>, one: readonly Piece[], other: readonly Piece[]): boolean {
  let at = 0;
  for (const piece of one) {
    if (!kinds.has(piece.kind)) continue;
    at = nextOf(kinds, other, at);
    if (other[at] !== piece) return false;
    at += 1;
  }
  return nextOf(kinds, other, at) === other.length;
}

function nextOf(kinds: ReadonlySet<Kind>, pieces: readonly Piece[], from: number): number {
  for (let at = from; at < pieces.length; at += 1) if (kinds.has((pieces[at] as Piece).kind)) return at;
  return pieces.length;
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
  return meet(body, { trousers: worn, shoe }, { turn, tucked, rise }, hemLimitsOf(look.client.ruleBook));
}

function outermostFirst(one: Worn, other: Worn): number {
  return other.order - one.order;
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
