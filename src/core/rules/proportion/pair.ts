import type { HemLimits } from "../../proportion/hem-limits";
import type { LegAndShoe, Meeting, ShaftFit } from "../../proportion/meeting";
import type { Dressed } from "../../dressing/dressed";
import type { Proposal } from "../finding";
import { adjust, wear } from "../proposals";

/** A leg over a boot whose shaft was measured. */
interface BootLeg {
  readonly leg: LegAndShoe;
  readonly fit: ShaftFit;
}

/** The look's leg and boot when they meet in this way; null otherwise. */
export function bootLeg({ leg }: Dressed, meeting: Meeting): BootLeg | null {
  return leg?.fit?.meeting === meeting ? { leg, fit: leg.fit } : null;
}

/** What every finding on trousers over shoes speaks of, and whether it rests on an estimate. */
export function spokenOf({ trousers, shoe, estimated }: LegAndShoe) {
  return { of: { trousers, shoe }, estimated };
}

/** Another hem, or another shoe. */
export function turnOrSwap({ trousers }: LegAndShoe): Proposal[] {
  return [adjust("turn", trousers), ...wear("shoe")];
}

/** Whether a shaft is loose, or as nearly so as can be measured, under a hem that does not swing free of it. */
export function isNearlyLoose(
  { ease, clearance }: Pick<ShaftFit, "ease" | "clearance">,
  { nearlyLoose, nearlyRoomy }: HemLimits,
): boolean {
  return ease > nearlyLoose && clearance < nearlyRoomy;
}
