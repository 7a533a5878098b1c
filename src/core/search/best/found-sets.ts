import { diverse, placesApart } from "./diverse";
import type { Option } from "./options";

/** A set by what each place holds, in the order of the places, with the points of the look with it. */
export interface ReadSet {
  readonly options: readonly Option[];
  readonly points: number;
}

/** How many sets are asked for, and in how many places each differs at least from those before it. */
export interface SetsWanted {
  readonly most: number;
  readonly apart: number;
}

/** What is known of the sets for a base while they are sought. */
export interface Sought {
  /** The best that were found, the best first, each far enough from those before it. */
  readonly best: readonly ReadSet[];
  /** How many of them, from the first on, are proved: of all that lie far enough from those before, none reads better. */
  readonly proved: number;
  /** By how many points anything could read better than the first; 0 once that is proved. */
  readonly margin: number;
  /** How many whole sets were read. */
  readonly read: number;
  /** Whether all is proved that was asked for, or nothing is left to look at. */
  readonly finished: boolean;
}

/** So many of the best that were met are kept beside those that are proved. */
const mostKept = 400;

/** The sets that were met so far, and those of them that are proved. */
export class FoundSets {
  private met: ReadSet[] = [];
  private readonly known = new Set<string>();
  private readonly proved: ReadSet[] = [];
  /** No set that is not proved reads more than this. */
  private bound = Infinity;

  constructor(private readonly asked: SetsWanted) {}

  /** Takes in a set that was read. */
  add(set: ReadSet): void {
    const key = keyOf(set);
    if (this.known.has(key)) return;
    this.known.add(key);
    this.met.push(set);
    if (this.met.length > 2 * mostKept) this.met = this.met.sort(byPoints).slice(0, mostKept);
  }

  /**
   * Takes in the next set on the way down from the best: what lies far enough from those before it is proved.
   * @param alike sets that read as many points, the one that is liked best first
   */
  prove(alike: readonly ReadSet[]): void {
    const { most, apart } = this.asked;
    for (const set of alike) {
      this.add(set);
      const isFar = this.proved.every((other) => placesApart(other, set) >= apart);
      if (isFar && this.proved.length < most) this.proved.push(set);
    }
  }

  /** Takes in that nothing which is not proved reads more points than these. */
  limit(points: number): void {
    this.bound = Math.min(this.bound, points);
  }

  /** The best that were met, whether proved or not. */
  starts(most: number): readonly ReadSet[] {
    return [...this.met].sort(byPoints).slice(0, most);
  }

  now(): Sought {
    const { most, apart } = this.asked;
    const best = diverse([...this.met].sort(byPoints), most, apart, this.proved);
    const isProved = this.proved.length >= most || this.bound === -Infinity;
    return {
      best,
      proved: isProved ? best.length : this.proved.length,
      margin:
        this.proved.length > 0 || isProved ? 0 : Math.max(0, this.bound - (best[0]?.points ?? -Infinity)),
      read: this.known.size,
      finished: isProved,
    };
  }
}

/** More points first; of equals that with fewer pieces. */
function byPoints(one: ReadSet, other: ReadSet): number {
  return other.points - one.points || piecesOf(one) - piecesOf(other);
}

function piecesOf({ options }: ReadSet): number {
  return options.filter((piece) => piece !== null).length;
}

function keyOf({ options }: ReadSet): string {
  return options.map((piece) => piece?.id ?? "").join("\n");
}
