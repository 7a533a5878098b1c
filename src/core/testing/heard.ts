import type { Finding } from "../rules/finding";
import { namesOf, pieceIdsOf } from "../rules/spoken";

/** Findings as they are told apart: with the pieces they name by id, and every figure. */
export function heardOf(findings: readonly Finding[]) {
  return findings.map((finding) => ({ ...finding, of: namesOf(finding), about: pieceIdsOf(finding) }));
}
