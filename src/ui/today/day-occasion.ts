import type { DressedOccasion } from "@/core/studio/day-plan";
import type { OccasionRecord } from "@/core/studio/occasion-record";
import type { ShownLook } from "@/core/studio/shown-look";

/** An occasion of the days to come, with the look last worked on for it. */
export interface DayOccasion extends DressedOccasion {
  readonly occasion: OccasionRecord["occasion"];
  readonly clientId: string;
  readonly clientName: string;
  readonly shown: ShownLook | null;
}
