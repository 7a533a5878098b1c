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
 */
export function* searchBest(problem: Problem, most: number): Generator<Progress, Progress> {
  return yield* new BranchAndBound(problem, most).run();
}

/**
 * One search. The bound of a begun choice: what it is worth, and for each open place the most that an option there
 * could add, with what is chosen and with the best option of each later place. Groups can only cost more
 * as a choice grows, so what they cost now is kept.
 */
class BranchAndBound {
  private readonly order: readonly number[];
  private readonly places: readonly (readonly number[])[];
  private readonly ahead: readonly Int32Array[];
  /** Worth of each option beside what is chosen, one row a level, so that going back costs nothing. */
  private readonly beside: readonly Int32Array[];
  /** How many of what is chosen each group counts, by level. */
  private readonly met: readonly Int32Array[];
  private readonly chosen: number[];
  private readonly best: Choice[] = [];
  /** What a choice must be worth to be among the best. */
  private least = -Infinity;
  /** What no choice at all is worth more than. */
  private readonly whole: number;
  private looked = 0;
  private sinceBreath = 0;

  constructor(
    private readonly problem: Problem,
    private readonly most: number,
  ) {
    this.order = placeOrder(problem);
    this.places = this.order.map((at) => problem.places[at] ?? []);
    const depth = this.places.length;
    this.ahead = bestAhead(problem, this.places);
    this.beside = Array.from({ length: depth + 1 }, () => new Int32Array(problem.count));
    this.beside[0]?.set(problem.worth);
    this.met = problem.groups.map(() => new Int32Array(depth + 1));
    this.chosen = new Array<number>(depth).fill(0);
    this.whole = this.mostFrom(0, this.beside[0]);
  }

  *run(): Generator<Progress, Progress> {
    if (this.places.length > 0 && this.places.every((place) => place.length > 0))
      this.keep(greedyChoice(this.problem));
    yield this.progress(this.whole, false);
    yield* this.descend(0, 0);
    return this.progress(this.best[0]?.worth ?? -Infinity, true);
  }

  private progress(bound: number, proved: boolean): Progress {
    return { best: [...this.best], bound, proved, looked: this.looked };
  }

  private isFull(): boolean {
    return this.best.length === this.most;
  }

  /** Takes a choice in among the best; false where it is there already, or as many are at least as good. */
  private keep(choice: Choice): boolean {
    if (this.best.some((other) => byWorth(other, choice) === 0)) return false;
    this.best.push(choice);
    this.best.sort(byWorth);
    if (this.best.length > this.most) this.best.pop();
    if (this.isFull()) this.least = this.best[this.most - 1]?.worth ?? this.least;
    return this.best.includes(choice);
  }

  /** What is chosen, in the order of the problem's places. */
  private inOrder(): number[] {
    const options = new Array<number>(this.places.length).fill(0);
    this.order.forEach((at, i) => {
      options[at] = this.chosen[i] ?? 0;
    });
    return options;
  }

  /** The most that the places from `level` on can add to what is chosen, groups left out. */
  private mostFrom(level: number, row: Int32Array | undefined): number {
    let sum = 0;
    for (let at = level; at < this.places.length; at += 1) {
      const gains = this.ahead[at];
      let top = -Infinity;
      for (const option of this.places[at] ?? []) {
        const value = (row?.[option] ?? 0) + (gains?.[option] ?? 0);
        if (value > top) top = value;
      }
      sum += top;
    }
    return sum;
  }

  /** What the groups cost after so many places. */
  private costAt(level: number): number {
    let sum = 0;
    this.problem.groups.forEach(({ limit, cost }, i) => {
      sum += cost * Math.max(0, (this.met[i]?.[level] ?? 0) - limit);
    });
    return sum;
  }

  /** Chooses an option at a level: what it does to the worth of all later ones, and to the groups. */
  private choose(level: number, option: number): void {
    const { together, count, groups } = this.problem;
    const row = this.beside[level];
    const next = this.beside[level + 1];
    if (!row || !next) return;
    this.chosen[level] = option;
    for (let at = level + 1; at < this.places.length; at += 1)
      for (const later of this.places[at] ?? [])
        next[later] = (row[later] ?? 0) + (together[option * count + later] ?? 0);
    groups.forEach(({ counts }, i) => {
      const line = this.met[i];
      if (line) line[level + 1] = (line[level] ?? 0) + (counts[option] ?? 0);
    });
  }

  private *descend(level: number, soFar: number): Generator<Progress> {
    this.looked += 1;
    this.sinceBreath += 1;
    if (this.sinceBreath >= breath) {
      this.sinceBreath = 0;
      yield this.progress(this.whole, false);
    }
    if (level === this.places.length) {
      const worth = soFar - this.costAt(level);
      if (this.isFull() && worth < this.least) return;
      if (this.keep({ options: this.inOrder(), worth })) yield this.progress(this.whole, false);
      return;
    }
    const row = this.beside[level];
    const gains = this.ahead[level];
    const gainOf = (option: number) => (row?.[option] ?? 0) + (gains?.[option] ?? 0);
    const promising = [...(this.places[level] ?? [])].sort(
      (one, other) => gainOf(other) - gainOf(one) || one - other,
    );
    // What the later places could add whatever is chosen here: the rest of the list falls with its first.
    const rest = soFar + this.mostFrom(level + 1, row) - this.costAt(level);
    for (const option of promising) {
      if (this.isFull() && rest + gainOf(option) < this.least) break;
      this.choose(level, option);
      const value = soFar + (row?.[option] ?? 0);
      const bound = value + this.mostFrom(level + 1, this.beside[level + 1]) - this.costAt(level + 1);
      if (this.isFull() && bound < this.least) continue;
      yield* this.descend(level + 1, value);
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
