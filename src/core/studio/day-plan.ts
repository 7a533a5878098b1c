import type { Verdict } from "../reading/verdict";

/** An occasion with the verdict on the look last worked on for it; null while nothing is laid out. */
export interface DressedOccasion {
  readonly verdict: Verdict | null;
}

/** Whether an occasion still wants work: nothing is laid out for it, or what is laid out jars. */
export function wantsWork({ verdict }: DressedOccasion): boolean {
  return verdict === null || verdict === "jars";
}

/** What to do next: of occasions by day, the first that wants work; undefined when none does. */
export function nextToDress<O extends DressedOccasion>(byDay: readonly O[]): O | undefined {
  return byDay.find(wantsWork);
}
