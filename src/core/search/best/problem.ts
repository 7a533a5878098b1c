/**
 * A choice of one option in each of several places, as numbers: what an option is worth by itself, what
 * two of them are worth together, and what a group of them costs. All in whole points, so that sums are
 * exact whatever their order.
 */
export interface Problem {
  /** For each place the numbers of its options; options are numbered through all places. */
  readonly places: readonly (readonly number[])[];
  /** Worth of an option by itself. */
  readonly worth: Int32Array;
  /** Worth of two options together: `together[one * count + other]`, symmetric. */
  readonly together: Int32Array;
  readonly count: number;
  readonly groups: readonly Group[];
}

/** A limit on how many of some options go together: each beyond it costs the same. */
export interface Group {
  /** How much each option counts; 0 for most. */
  readonly counts: Uint8Array;
  readonly limit: number;
  /** What each beyond the limit costs, a positive number. */
  readonly cost: number;
}

/** One choice: an option for each place, and what it is worth. */
export interface Choice {
  readonly options: readonly number[];
  readonly worth: number;
}

/** What a whole choice is worth, from its definition: the measure of every search. */
export function worthOf({ worth, together, count, groups }: Problem, options: readonly number[]): number {
  let sum = 0;
  options.forEach((one, i) => {
    sum += worth[one] ?? 0;
    for (const other of options.slice(i + 1)) sum += together[one * count + other] ?? 0;
  });
  for (const { counts, limit, cost } of groups) {
    const met = options.reduce((total, option) => total + (counts[option] ?? 0), 0);
    sum -= cost * Math.max(0, met - limit);
  }
  return sum;
}

/** How many choices there are. */
export function possibleChoices({ places }: Problem): bigint {
  return places.reduce((product, options) => product * BigInt(options.length), 1n);
}

/** The better first; among equals by their options, so that an order is one order. */
export function byWorth(one: Choice, other: Choice): number {
  if (one.worth !== other.worth) return other.worth - one.worth;
  for (let i = 0; i < one.options.length; i += 1) {
    const apart = (one.options[i] ?? 0) - (other.options[i] ?? 0);
    if (apart !== 0) return apart;
  }
  return 0;
}
