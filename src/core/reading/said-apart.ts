import type { Finding } from "../rules/finding";
import type { Reading } from "./read";
import { identityOf, isSameFinding } from "./same-finding";
import { bySeverity } from "./severity";

/** What is said of one look and not of another, the gravest first; notes are left out. */
export function saidOnlyOf(one: Reading, other: Reading): Finding[] {
  const ofOther = other.findings.map(identityOf);
  return one.findings
    .filter((finding) => finding.effect !== "note")
    .filter((finding) => !ofOther.some((identity) => isSameFinding(identity, finding)))
    .sort(bySeverity);
}
