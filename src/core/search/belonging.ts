import type { Piece } from "../piece/piece";
import { isGrave } from "../reading/verdict";
import type { Finding } from "../rules/finding";
import { rulesTagged } from "../rules/registry";
import { speaksOf } from "../rules/spoken";

/** Levels of the register, 1-9; null where nothing is asked. */
export interface Levels {
  /** Only pieces at home from this level on, and up to that one. */
  readonly from: number | null;
  readonly to: number | null;
}

/** Whether a piece is at home somewhere among some levels; of one of which nobody has said it, nothing is known. */
export function isAtHome({ register }: Piece, { from, to }: Levels): boolean {
  if (!register) return true;
  return (from === null || register.high >= from) && (to === null || register.low <= to);
}

export const placeRules = rulesTagged("place");
const placeRuleIds: ReadonlySet<string> = new Set(placeRules.map(({ id }) => id));

/** Whether a finding keeps a piece out: by a limit of the client, the dress code, the weather or the ground. */
export function keepsOut(finding: Finding, piece: Piece): boolean {
  const isHard = finding.effect === "bar" || (placeRuleIds.has(finding.rule) && isGrave(finding));
  return isHard && speaksOf(finding, piece.id);
}
