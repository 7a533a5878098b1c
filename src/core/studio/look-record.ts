import type { Verdict } from "../reading/verdict";
import type { BenchLook } from "./bench-source";
import { stateOf, type LookStep } from "./look-steps";

/** What a look is called and what was written down of it; both empty until somebody writes. */
export interface LookWords {
  readonly name: string;
  readonly note: string;
}

/** A look as it is kept: one of its base and its occasion, beside which there may be others. */
export interface LookRecord extends BenchLook, LookWords {
  readonly clientId: string;
  /** Counts how often it was kept; 0 for one that is not on record. */
  readonly version: number;
}

/** A look as it is now, whatever version of it is on record. */
export type LookNow = Omit<LookRecord, "version">;

/** The look as it lies on the bench, where its words are kept apart. */
export function benchLookOf({
  id,
  baseId,
  occasionId,
  stepId,
  read,
  ...state
}: Omit<LookNow, "clientId">): BenchLook {
  return { id, baseId, occasionId, stepId, read, ...stateOf(state) };
}

/** One sending of a look: the page it came from, and that page's count of what it sent. */
export interface Sending {
  readonly writer: string;
  readonly turn: number;
}

/** A look on its way to the record, with the steps that are not there yet. Its version is the one it builds on. */
export interface LookToKeep extends LookRecord, Sending {
  /** Sendings whose answer was never heard, and that this look builds on. */
  readonly unheard: readonly Sending[];
  readonly newSteps: readonly LookStep[];
}

/** A look as a page sends it, or keeps it in its browser until somebody answers. */
export interface SentLook extends LookToKeep {
  /** Studio and person who made it: it waits for them alone. */
  readonly madeBy: string;
}

/** A look as it stands on record, with its steps: laid beside one that was kept against an older version. */
export interface LookOnRecord {
  readonly look: LookRecord;
  readonly steps: readonly LookStep[];
}

/** The reading of a kept look, with the version of the rule book it was made with. */
export interface KeptReading {
  readonly verdict: Verdict;
  readonly score: number;
  readonly ruleBookVersion: number;
}

/** Of looks, the newest first: of each base and occasion the one last worked on. */
export function newestOfEach<L extends Pick<LookRecord, "baseId" | "occasionId">>(looks: readonly L[]): L[] {
  const met = new Set<string>();
  return looks.filter(({ baseId, occasionId }) => {
    const pair = `${baseId} ${occasionId}`;
    return !met.has(pair) && met.add(pair);
  });
}
