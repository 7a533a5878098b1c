import type { Verdict } from "../reading/verdict";
import type { OccasionRecord } from "./occasion-record";
import type { ShownLook } from "./shown-look";

/** An occasion with the verdict on the look last worked on for it; null while nothing is laid out. */
export interface DressedOccasion {
  readonly verdict: Verdict | null;
}

/** An occasion of the days to come, with the look last worked on for it. */
export interface DayOccasion extends DressedOccasion {
  readonly occasion: OccasionRecord["occasion"];
  readonly clientId: string;
  readonly clientName: string;
  readonly shown: ShownLook | null;
}

/** Whether an occasion still wants work: nothing is laid out for it, or what is laid out jars. */
export function wantsWork({ verdict }: DressedOccasion): boolean {
  return verdict === null || verdict === "jars";
}

/** What to do next: of occasions by day, the first that wants work; undefined when none does. */
export function nextToDress<O extends DressedOccasion>(byDay: readonly O[]): O | undefined {
  return byDay.find(wantsWork);
}
