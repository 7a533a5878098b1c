import type { Body } from "../body/body";
import { isSameList } from "../lists/same-list";
import type { Look } from "../piece/look";
import { hides, placeOf } from "../piece/piece";
import { shownOf } from "./areas";
import { place, type Cover, type Placed } from "./placed";
import { coversOver, seenUnder, type SeenParts } from "./seen-parts";
import { topsUnderAnother } from "./tops";

/** A piece as it lies in a look. */
export interface Laid {
  readonly placed: Placed;
  /** What lies over it somewhere. */
  readonly over: readonly Cover[];
  readonly seen: SeenParts;
  /** How much of it is seen; such areas are compared, and do not add up to 1. */
  readonly shown: number;
}

/** The pieces of a look as they lie, in the order in which they were put on. */
export interface LaidOut {
  readonly pieces: readonly Laid[];
  /** The layers that are worn open. */
  readonly open: readonly Placed[];
}

/**
 * Lays the pieces of a look on a body.
 * @param beside another look on the same body: what lies there alike is not laid again
 */
export function layOut(look: Look, body: Body, beside: LaidOut | null): LaidOut {
  const skirtOver = look.garments.some(({ kind }) => kind === "skirt");
  const laying = { body, look, under: { skirtOver, tops: topsUnderAnother(look) } };
  const placed: Placed[] = [];
  for (const garment of look.garments) placed.push(place(garment, true, laying));
  for (const accessory of look.accessories)
    placed.push(place(accessory, look.garments.includes(accessory), laying));
  const covers: Cover[] = [];
  const open: Placed[] = [];
  for (const item of placed) {
    if (item.cover) covers.push(item.cover);
    if (placeOf(item.piece) === "layer" && !hides(item.asWorn)) open.push(item);
  }
  const before = beside && isSameList(open, beside.open) ? beside.pieces : null;
  const pieces = placed.map((item, i): Laid => {
    const over = coversOver(item, covers);
    const known = before && laidIn(before, item, i);
    if (known && isSameList(over, known.over)) return known;
    const seen = seenUnder(item, over);
    return { placed: item, over, seen, shown: shownOf(item, seen, open, body) };
  });
  return { pieces, open };
}

/** A piece as it lies among others; looked for first where it would be if nothing before it had come or gone. */
function laidIn(pieces: readonly Laid[], placed: Placed, from: number): Laid | null {
  for (let i = 0; i < pieces.length; i += 1) {
    const each = pieces[(from + i) % pieces.length];
    if (each?.placed === placed) return each;
  }
  return null;
}
