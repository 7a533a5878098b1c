import { bodyOf, type Body } from "../body/body";
import { seatedRise } from "../body/seated";
import type { Client } from "../piece/client";
import { turnOn } from "../piece/adjustment";
import type { Kind } from "../piece/kinds";
import type { Look } from "../piece/look";
import { isKind, isLegged, placeOf, slotOf, type Piece } from "../piece/piece";
import { wornNeckOf } from "../neck/worn-neck";
import { hemLimitsOf } from "../proportion/hem-limits";
import { meet, type LegAndShoe } from "../proportion/meeting";
import { landingOf } from "../strap/landing";
import { areasOf } from "./areas";
import { countedColours } from "./counted-colours";
import type { Dressed, Interval, Worn, WornOf } from "./dressed";
import { extentOf } from "./extent";
import { seenParts, type Placed } from "./layering";
import { levelOf } from "./level";
import { paletteOf } from "./palette";
import { skirtOf } from "./skirt";
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
  const placed = pieces.map((piece): Placed => ({
    piece,
    extent: extentOf(body, piece, look.adjustments, look.client.seated),
  }));
  const seen = seenParts(placed, look.adjustments);
  const areas = areasOf(body, placed, seen);
  const leg = legOf(look, body);
  const worn = placed.map(({ piece, extent }, i): Worn => {
    const accessory = i >= look.garments.length;
    return {
      piece,
      profile: profileOf(piece),
      slot: accessory ? slotOf(piece) : null,
      place: placeOf(piece),
      extent,
      seen: seen[i] ?? [],
      area: areas[i] ?? 0,
      showsReverse: turnOn(look.adjustments, piece.id) !== null,
    };
  });
  const visible = worn.filter((item) => item.seen.length > 0);
  const shoe = firstOf(worn, "shoe");
  const hem = lowestHem(worn);
  const palette = paletteOf(visible);
  return {
    look,
    body,
    worn,
    visible,
    garments: visible.filter((item) => item.place !== null),
    accessories: visible.filter((item) => item.place === null),
    shoe,
    bag: firstOf(worn, "bag"),
    belt: firstOf(worn, "belt"),
    hosiery: firstOf(worn, "hosiery"),
    palette,
    colours: countedColours(palette),
    touches: touchesOf(visible, leg, hem),
    leg,
    hem,
    bareLeg: bareLeg(shoe, hem, leg),
    lift: shoe?.piece.figures.lift ?? 0,
    level: levelOf(worn),
    neck: wornNeckOf(look, body),
    landing: landingOf(look, body),
    skirt: skirtOf(worn, body),
  };
}

function legOf(look: Look, body: Body): LegAndShoe | null {
  const trousers = look.garments.find(isLegged);
  const shoe = look.accessories.find((piece) => isKind(piece, "shoe"));
  if (!trousers || !shoe) return null;
  const tucked = look.adjustments.some(
    (adjustment) => adjustment.kind === "tuck-into-boot" && adjustment.piece === trousers.id,
  );
  const turn = turnOn(look.adjustments, trousers.id);
  const rise = look.client.seated ? seatedRise("trousers", body.height, body.measures.kneeLine.cm, 0) : 0;
  return meet(body, trousers, shoe, { turn, tucked, rise }, hemLimitsOf(look.client.ruleBook));
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
  for (const { place, extent } of worn)
    if ((place === "bottom" || place === "whole") && (hem === null || extent.from < hem)) hem = extent.from;
  return hem;
}

function bareLeg(shoe: Worn | null, hem: number | null, leg: LegAndShoe | null): Interval | null {
  if (hem === null || leg?.fit?.meeting === "tucked") return null;
  const from = shoe ? shoe.extent.to : 0;
  return hem > from ? { from, to: hem } : null;
}
