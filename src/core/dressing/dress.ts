import { bodyOf, type Body } from "../body/body";
import { seatedRise } from "../body/seated";
import type { Client } from "../piece/client";
import { turnOn } from "../piece/adjustment";
import type { Look } from "../piece/look";
import { isKind, isLegged, placeOf, slotOf, type Piece } from "../piece/piece";
import { wornNeckOf } from "../neck/worn-neck";
import { hemLimitsOf } from "../proportion/hem-limits";
import { meet, type LegAndShoe } from "../proportion/meeting";
import { landingOf } from "../strap/landing";
import { areasOf } from "./areas";
import type { Dressed, Interval, Worn } from "./dressed";
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
      extent,
      seen: seen[i] ?? [],
      area: areas[i] ?? 0,
      showsReverse: turnOn(look.adjustments, piece.id) !== null,
    };
  });
  const shoe = look.accessories.find((piece) => piece.kind === "shoe");
  const hem = lowestHem(worn);
  return {
    look,
    body,
    worn,
    palette: paletteOf(worn),
    touches: touchesOf(worn, leg, hem),
    leg,
    hem,
    bareLeg: bareLeg(worn, hem, leg),
    lift: shoe?.kind === "shoe" ? shoe.figures.lift : 0,
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

function lowestHem(worn: readonly Worn[]): number | null {
  const hems = worn.filter(({ piece }) => {
    const place = placeOf(piece);
    return place === "bottom" || place === "whole";
  });
  return hems.length > 0 ? Math.min(...hems.map((item) => item.extent.from)) : null;
}

function bareLeg(worn: readonly Worn[], hem: number | null, leg: LegAndShoe | null): Interval | null {
  if (hem === null || leg?.fit?.meeting === "tucked") return null;
  const shoe = worn.find((item) => item.piece.kind === "shoe");
  const from = shoe ? shoe.extent.to : 0;
  return hem > from ? { from, to: hem } : null;
}
