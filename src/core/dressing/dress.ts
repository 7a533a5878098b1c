import { bodyOf, type Body } from "../body/body";
import type { Interval } from "../length/interval";
import { putInOrder } from "../lists/put-in-order";
import type { Client } from "../piece/client";
import type { Kind } from "../piece/kinds";
import type { Look } from "../piece/look";
import type { LegAndShoe } from "../proportion/meeting";
import { landingOf } from "../strap/landing";
import { besideOf } from "./beside";
import { countedColours } from "./counted-colours";
import type { Dressed, Worn, WornOf } from "./dressed";
import { layOut } from "./laid-out";
import { placingOf } from "./level";
import { measuredOf } from "./measured";
import { paletteOf } from "./palette";
import { skirtOf } from "./skirt";
import { touchesOf } from "./touches";
import { wornIn } from "./worn";

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
  const differing = beside && besideOf(look, beside);
  const laid = layOut(look, body, differing);
  const worn = wornIn(laid, beside);
  const { leg, neck, tied, landed } = measuredOf(look, body, differing);
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
    laid,
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
