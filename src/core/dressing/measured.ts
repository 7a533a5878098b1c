import type { Body } from "../body/body";
import { seatedRise } from "../body/seated";
import { isSameList } from "../lists/same-list";
import { wornNeckOf } from "../neck/worn-neck";
import { adjustmentOn, adjustmentsOf, asWornOn } from "../piece/adjustment";
import type { Kind } from "../piece/kinds";
import type { Look } from "../piece/look";
import { isKind, isLegged, type Piece } from "../piece/piece";
import { tiedOn, type TiedScarf } from "../piece/tied-scarf";
import { hemLimitsOf } from "../proportion/hem-limits";
import { meet, type LegAndShoe } from "../proportion/meeting";
import type { Dressed } from "./dressed";

/** What one or two accessories make of a look with its garments, whatever else is put on. */
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

/**
 * Measures what rests on one or two accessories.
 * @param beside a look that was dressed before: what rests on the same there is not measured again
 */
export function measuredOf(look: Look, body: Body, beside: Dressed | null): Measured {
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
