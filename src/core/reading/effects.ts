import type { Effect, Finding } from "../rules/finding";

/** What an effect adds to a reading before its rule's weight. */
export const effectValues: Record<Effect, number> = {
  bar: -6,
  jars: -3,
  rubs: -1,
  note: 0,
  unread: 0,
  lifts: 1,
  sings: 2,
};

const severity: readonly Effect[] = ["bar", "jars", "rubs", "unread", "note", "sings", "lifts"];

/** Orders findings from what most wants attention to what is merely pleasant. */
export function bySeverity(one: Finding, other: Finding): number {
  return severity.indexOf(one.effect) - severity.indexOf(other.effect);
}

/** Whether a finding asks for a change. */
export function isFault(finding: Finding): boolean {
  return effectValues[finding.effect] < 0;
}
