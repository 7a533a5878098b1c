import type { Finding } from "../rules/finding";
import { bySeverity, isFault, valueOf } from "./severity";

/** How many findings say why a look goes together, and how many what to mind. */
const most = { reasons: 2, mind: 3 };

/** Why a look goes together: what it is given most for, each by another rule. */
export function reasonsOf(findings: readonly Finding[]): Finding[] {
  const met = new Set<string>();
  return findings
    .filter((finding) => valueOf(finding) > 0)
    .sort((one, other) => valueOf(other) - valueOf(one))
    .filter(({ rule }) => !met.has(rule) && met.add(rule))
    .slice(0, most.reasons);
}

/** What whoever wears a look should mind: weather and comfort, and whatever comes with a caution; the worst first. */
export function toMindOf(findings: readonly Finding[]): Finding[] {
  return findings
    .filter((finding) => finding.caution !== null || (finding.lens === "comfort" && isFault(finding)))
    .sort(bySeverity)
    .slice(0, most.mind);
}
