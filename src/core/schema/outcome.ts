/** A field that cannot be taken as given, and the sentence that says why. */
export interface Fault {
  /** Path of the field, such as "figures.inseam". */
  readonly field: string;
  readonly say: string;
}

/** What came of asking to record something: the value, or what to put right. Nothing is half done. */
export type Outcome<T> =
  | { readonly ok: true; readonly value: T }
  | {
      readonly ok: false;
      readonly faults: readonly Fault[];
      /** What is on record now, in the shape of what was sent, where somebody else changed it meanwhile. */
      readonly theirs?: unknown;
    };

export function refused<T>(field: string, say: string): Outcome<T> {
  return { ok: false, faults: [{ field, say }] };
}
