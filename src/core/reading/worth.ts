import type { Reading } from "./read";
import { markOf } from "./verdict";

/** What a change is worth: the marks before and after it, and what it adds up to exactly. */
export interface Worth {
  readonly before: number;
  readonly after: number;
  /** Points gained, of the sum that the score is made of; two changes to one mark can still be told apart. */
  readonly gain: number;
}

/** What a change is worth by the readings before and after it. */
export function worthOf(before: Reading, after: Reading): Worth {
  return {
    before: markOf(before),
    after: markOf(after),
    gain: Math.round((after.points - before.points) * 1e6) / 1e6,
  };
}

/** The best first: by the mark that is shown, then by the exact points that the mark is too coarse for. */
export function byWorth(one: { readonly worth: Worth }, other: { readonly worth: Worth }): number {
  return other.worth.after - one.worth.after || other.worth.gain - one.worth.gain;
}

/** Whether nothing is lost by a change: neither a mark nor a point. */
export function costsNothing({ before, after, gain }: Worth): boolean {
  return after >= before && gain >= 0;
}
