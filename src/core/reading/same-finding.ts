import type { Finding } from "../rules/finding";
import { pieceIdsOf } from "../rules/spoken";

/** What tells one finding from another: who says it, how grave it is, and of which pieces. */
export interface FindingIdentity extends Pick<Finding, "rule" | "effect"> {
  readonly pieceIds: readonly string[];
}

export function identityOf(finding: Finding): FindingIdentity {
  return { rule: finding.rule, effect: finding.effect, pieceIds: pieceIdsOf(finding) };
}

/**
 * Whether a finding is the one of an identity: one rule says one thing of the same pieces, in whatever order.
 * @param standsFor the piece that has taken another's place since, by the first one's id
 */
export function isSameFinding(
  { rule, effect, pieceIds }: FindingIdentity,
  other: Finding,
  standsFor: (piece: string) => string = (piece) => piece,
): boolean {
  if (rule !== other.rule || effect !== other.effect) return false;
  const before = new Set(pieceIds.map(standsFor));
  const now = pieceIdsOf(other);
  return before.size === now.length && now.every((piece) => before.has(piece));
}

/** Whether a finding is of the same matter as one before: one rule, of some of the same pieces or of none. */
export function isSameMatter(
  { rule, pieceIds }: FindingIdentity,
  other: Finding,
  standsFor: (piece: string) => string = (piece) => piece,
): boolean {
  if (rule !== other.rule) return false;
  const before = new Set(pieceIds.map(standsFor));
  const now = pieceIdsOf(other);
  return before.size === 0 || now.length === 0 || now.some((piece) => before.has(piece));
}
