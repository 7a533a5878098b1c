import type { Effect, Finding } from "../rules/finding";
import { effectValues } from "./verdict";

const severity: readonly Effect[] = ["bar", "jars", "rubs", "unread", "note", "sings", "lifts"];

/** Orders findings from what most wants attention to what is merely pleasant. */
export function bySeverity(one: Finding, other: Finding): number {
  return severity.indexOf(one.effect) - severity.indexOf(other.effect);
}

/** What a finding adds to a reading, points: negative for a fault. */
export function valueOf({ weight, effect }: Pick<Finding, "weight" | "effect">): number {
  return weight * effectValues[effect];
}

/** Whether a finding asks for a change. */
export function isFault(finding: Finding): boolean {
  return effectValues[finding.effect] < 0;
}
