import type { LegAndShoe, Meeting, ShaftFit } from "../../proportion/meeting";
import type { Dressed } from "../../dressing/dressed";

/** A leg over a boot whose shaft was measured. */
export interface BootLeg {
  readonly leg: LegAndShoe;
  readonly fit: ShaftFit;
}

/** The look's leg and boot when they meet in this way; null otherwise. */
export function bootLeg(dressed: Dressed, ...meetings: readonly Meeting[]): BootLeg | null {
  const { leg } = dressed;
  return leg?.fit && meetings.includes(leg.fit.meeting) ? { leg, fit: leg.fit } : null;
}

/** What every finding on trousers over shoes carries: their names, ids, and whether it is an estimate. */
export function spokenOf(leg: LegAndShoe) {
  return {
    names: { trousers: leg.trousers.name, shoe: leg.shoe.name },
    pieces: [leg.trousers.id, leg.shoe.id],
    estimated: leg.estimated,
  };
}
