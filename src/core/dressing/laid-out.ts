import type { Body } from "../body/body";
import { isSameList } from "../lists/same-list";
import type { Look } from "../piece/look";
import { hides, placeOf } from "../piece/piece";
import { shownOf } from "./areas";
import type { Beside } from "./beside";
import { place, type Cover, type Placed, type Underneath } from "./placed";
import { coversOver, seenUnder, type SeenParts } from "./seen-parts";
import { topsUnderAnother } from "./tops";

/** A piece as it lies in a look. */
export interface Laid {
  readonly placed: Placed;
  /** What lies over it somewhere. */
  readonly covers: readonly Cover[];
  readonly seen: SeenParts;
  /** How much of it is seen; such areas are compared, and do not add up to 1. */
  readonly shown: number;
}

/** The pieces of a look as they lie, in the order in which they were put on. */
export interface LaidOut {
  readonly pieces: readonly Laid[];
  /** What lies over something. */
  readonly over: Overlying;
}

/** What of a look lies over its other pieces, and which of its garments lie under one another. */
interface Overlying {
  readonly under: Underneath;
  readonly covers: readonly Cover[];
  /** The layers that are worn open. */
  readonly open: readonly Placed[];
}

/**
 * Lays the pieces of a look on a body.
 * @param beside another look on the same body: what lies there alike is not laid again
 */
export function layOut(look: Look, body: Body, beside: Beside | null): LaidOut {
  return (beside && laidBeside(look, body, beside)) ?? laidAnew(look, body);
}

function laidAnew(look: Look, body: Body): LaidOut {
  const skirtOver = look.garments.some(({ kind }) => kind === "skirt");
  const under = { skirtOver, tops: topsUnderAnother(look) };
  const laying = { body, look, under };
  const placed: Placed[] = [];
  for (const garment of look.garments) placed.push(place(garment, true, laying));
  for (const accessory of look.accessories)
    placed.push(place(accessory, look.garments.includes(accessory), laying));
  const over: Overlying = { under, covers: coversAmong(placed), open: placed.filter(isOpenLayer) };
  return { pieces: placed.map((item) => lay(item, over, body)), over };
}

/** The same beside a look on the same garments; null where another layer is worn open. */
function laidBeside(look: Look, body: Body, { dressed, gone, come }: Beside): LaidOut | null {
  const before = dressed.laid;
  const { under, open } = before.over;
  const kept: Laid[] = [];
  let isCoveredAlike = true;
  for (const laid of before.pieces) {
    const { placed } = laid;
    if (!gone.includes(placed.piece)) kept.push(laid);
    else if (isOpenLayer(placed)) return null;
    else if (placed.cover) isCoveredAlike = false;
  }
  const more: Placed[] = [];
  for (const piece of come) {
    const placed = place(piece, false, { body, look, under });
    if (isOpenLayer(placed)) return null;
    if (placed.cover) isCoveredAlike = false;
    more.push(placed);
  }
  const covers = isCoveredAlike
    ? before.over.covers
    : coversAmong([...kept.map(({ placed }) => placed), ...more]);
  const over: Overlying = { under, covers, open };
  const pieces = isCoveredAlike
    ? kept
    : kept.map((laid) =>
        isSameList(laid.covers, coversOver(laid.placed, covers)) ? laid : lay(laid.placed, over, body),
      );
  for (const placed of more) pieces.push(lay(placed, over, body));
  return { pieces, over };
}

function coversAmong(placed: readonly Placed[]): Cover[] {
  const covers: Cover[] = [];
  for (const { cover } of placed) if (cover) covers.push(cover);
  return covers;
}

function lay(placed: Placed, over: Overlying, body: Body): Laid {
  const covers = coversOver(placed, over.covers);
  const seen = seenUnder(placed, covers);
  return { placed, covers, seen, shown: shownOf(placed, seen, over.open, body) };
}

function isOpenLayer({ piece, asWorn }: Placed): boolean {
  return placeOf(piece) === "layer" && !hides(asWorn);
}
