import type { Body } from "../body/body";
import { seatedRise } from "../body/seated";
import { wornNeckOf } from "../neck/worn-neck";
import { adjustmentOn, adjustmentsOf, asWornOn } from "../piece/adjustment";
import type { Kind } from "../piece/kinds";
import type { Look } from "../piece/look";
import { isKind, isLegged } from "../piece/piece";
import { tiedOn, type TiedScarf } from "../piece/tied-scarf";
import { hemLimitsOf } from "../proportion/hem-limits";
import { meet, type LegAndShoe } from "../proportion/meeting";
import type { Beside } from "./beside";
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
export function measuredOf(look: Look, body: Body, beside: Beside | null): Measured {
  const knownOf = (what: keyof Measured) => (beside && restsAlike(what, beside) ? beside.dressed : null);
  const leg = knownOf("leg");
  const neck = knownOf("neck");
  const tied = knownOf("tied");
  return {
    leg: leg ? leg.leg : legOf(look, body),
    neck: neck ? neck.neck : wornNeckOf(look, body),
    tied: tied ? tied.tied : tiedOf(look, body),
    landed: knownOf("landed")?.landing ?? null,
  };
}

/** Whether nothing on which a measure rests has come or gone. */
function restsAlike(what: keyof Measured, { gone, come }: Beside): boolean {
  const kinds = restsOn[what];
  for (const { kind } of gone) if (kinds.has(kind)) return false;
  for (const { kind } of come) if (kinds.has(kind)) return false;
  return true;
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
