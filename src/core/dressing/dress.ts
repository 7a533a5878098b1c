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
import { place } from "./placed";
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
    showsReverse: item.showsReverse,
  }));
  const placing = placingOf(worn);
  const visible = worn.filter((item) => item.seen.length > 0);
  const tops = outermostFirst(visible.filter((item) => item.place === "top"));
  const shoe = firstOf(worn, "shoe");
  const bag = firstOf(worn, "bag");
  const hem = lowestHem(worn);
  const palette = paletteOf(visible);
  const neck = wornNeckOf(look, body);
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
    touches: touchesOf({ visible, tops, leg, hem, neck }),
    leg,
    hem,
    bareLeg: bareLeg(shoe, hem, leg),
    lift: shoe?.piece.figures.lift ?? 0,
    placing,
    level: placing?.level ?? null,
    neck,
    tied: tiedOf(look, body),
    landing: bag && landingOf(bag.asWorn, look, body),
    skirt: skirtOf(worn, body),
  };
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

function outermostFirst(worn: Worn[]): Worn[] {
  return putInOrder(worn, (one, other) => other.order - one.order);
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
