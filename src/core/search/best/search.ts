import { greedyChoice } from "./greedy";
import { byWorth, type Choice, type Problem } from "./problem";

/** Where the search stands. */
export interface Progress {
  /** The best choices met so far, the best first. */
  readonly best: readonly Choice[];
  /** No choice that is not among `best` can be worth more than this. */
  readonly bound: number;
  /** Whether `best` is proved: nothing better is left. */
  readonly proved: boolean;
  /** How many choices, whole or begun, were looked at. */
  readonly looked: number;
}

/** After so many steps the search gives a sign of life and can be left. */
const breath = 4096;

/**
 * The `most` best choices, exactly, by branch and bound. It gives its progress from time to time and
 * whenever the best changes; whoever runs it may stop at any of those.
 *
 * The bound of a begun choice: what it is worth, and for each open place the most that an option there
 * could add, with what is chosen and with the best option of each later place. Groups can only cost more
 * as a choice grows, so what they cost now is kept.
 */
export function* searchBest(problem: Problem, most: number): Generator<Progress, Progress> {
  const { worth, together, count, groups } = problem;
  const order = placeOrder(problem);
  const places = order.map((at) => problem.places[at] ?? []);
  const depth = places.length;
  const ahead = bestAhead(problem, places);
  // Worth of each option beside what is chosen, one row a level, so that going back costs nothing.
  const beside = Array.from({ length: depth + 1 }, () => new Int32Array(count));
  beside[0]?.set(worth);
  const met = groups.map(() => new Int32Array(depth + 1));
  const chosen = new Array<number>(depth).fill(0);
  const best: Choice[] = [];
  let least = -Infinity;
  let looked = 0;
  let sinceBreath = 0;

  const inOrder = (options: readonly number[]) => {
    const back = new Array<number>(depth).fill(0);
    order.forEach((at, i) => {
      back[at] = options[i] ?? 0;
    });
    return back;
  };
  const keep = (choice: Choice) => {
    if (best.some((other) => byWorth(other, choice) === 0)) return false;
    best.push(choice);
    best.sort(byWorth);
    if (best.length > most) best.pop();
    if (best.length === most) least = best[most - 1]?.worth ?? least;
    return true;
  };
  const progress = (bound: number, proved: boolean): Progress => ({ best: [...best], bound, proved, looked });

  const begun = greedyChoice(problem);
  if (depth > 0 && places.every((place) => place.length > 0)) keep(begun);
  const whole = mostFrom(0, beside[0]);
  yield progress(whole, false);
  yield* descend(0, 0);
  return progress(best[0]?.worth ?? -Infinity, true);

  /** The most that the places from `level` on can add to what is chosen, groups left out. */
  function mostFrom(level: number, row: Int32Array | undefined): number {
    let sum = 0;
    for (let at = level; at < depth; at += 1) {
      const gains = ahead[at];
      let top = -Infinity;
      for (const option of places[at] ?? []) {
        const value = (row?.[option] ?? 0) + (gains?.[option] ?? 0);
        if (value > top) top = value;
      }
      sum += top;
    }
    return sum;
  }

  function costAt(level: number): number {
    let sum = 0;
    groups.forEach(({ limit, cost }, i) => {
      sum += cost * Math.max(0, (met[i]?.[level] ?? 0) - limit);
    });
    return sum;
  }

  function* descend(level: number, soFar: number): Generator<Progress> {
    looked += 1;
    sinceBreath += 1;
    if (sinceBreath >= breath) {
      sinceBreath = 0;
      yield progress(whole, false);
    }
    if (level === depth) {
      const total = soFar - costAt(level);
      if (best.length < most || total >= least) {
        if (keep({ options: inOrder(chosen), worth: total })) yield progress(whole, false);
      }
      return;
    }
    const row = beside[level];
    const next = beside[level + 1];
    const gains = ahead[level];
    if (!row || !next) return;
    const promising = [...(places[level] ?? [])].sort(
      (one, other) =>
        (row[other] ?? 0) + (gains?.[other] ?? 0) - (row[one] ?? 0) - (gains?.[one] ?? 0) || one - other,
    );
    // What the later places could add whatever is chosen here: the rest of the list falls with its first.
    const rest = soFar + mostFrom(level + 1, row) - costAt(level);
    for (const option of promising) {
      if (best.length === most && rest + (row[option] ?? 0) + (gains?.[option] ?? 0) < least) break;
      chosen[level] = option;
      for (let at = level + 1; at < depth; at += 1)
        for (const later of places[at] ?? [])
          next[later] = (row[later] ?? 0) + (together[option * count + later] ?? 0);
      groups.forEach(({ counts }, i) => {
        const line = met[i];
        if (line) line[level + 1] = (line[level] ?? 0) + (counts[option] ?? 0);
      });
      const value = soFar + (row[option] ?? 0);
      const bound = value + mostFrom(level + 1, next) - costAt(level + 1);
      if (best.length === most && bound < least) continue;
      yield* descend(level + 1, value);
    }
  }
}

/** Runs the search to its end. */
export function bestChoices(problem: Problem, most: number): Progress {
  const search = searchBest(problem, most);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}

/** The places with the fewest options first: there the least is left open. */
function placeOrder({ places }: Problem): number[] {
  return places
    .map((_, at) => at)
    .sort((one, other) => (places[one]?.length ?? 0) - (places[other]?.length ?? 0) || one - other);
}

/** For each place, what its options could at most add with the best option of each later place. */
function bestAhead({ together, count }: Problem, places: readonly (readonly number[])[]): Int32Array[] {
  return places.map((place, at) => {
    const gains = new Int32Array(count);
    for (const option of place)
      for (const later of places.slice(at + 1)) {
        let top = -Infinity;
        for (const other of later) top = Math.max(top, together[option * count + other] ?? 0);
        gains[option] = (gains[option] ?? 0) + top;
      }
    return gains;
  });
}
