import TinyQueue from "tinyqueue";
import type { Outcome } from "./outcome";
import type { Prospects } from "./prospects";

/** A whole choice as it was laid out, with its points. */
export interface Whole {
  readonly prospects: Prospects;
  readonly chosen: readonly number[];
  readonly points: number;
}

/** A step of going through the choices: the next best of them, or a sign of life. */
export interface Step {
  /** No choice that has not been found reads more points than this; -Infinity where none is left. */
  readonly most: number;
  readonly found: Whole | null;
}

/** After so many readings there is a sign of life. */
const breath = 64;

/** A choice that is begun or whole, in the queue by the points it can come to. */
interface Begun {
  readonly chosen: readonly number[];
  readonly prospects: Prospects;
  /** What the rules that read much make of it at the most; of what it follows from until it was read. */
  readonly wide: readonly Outcome[];
  readonly wasRead: boolean;
  /** No fewer than the points of what comes of it, in millionths. */
  readonly most: number;
  /** What follows from the same, the most promising first, and its own place among them. */
  readonly siblings: readonly Follower[];
  readonly at: number;
}

interface Follower {
  readonly option: number;
  readonly most: number;
}

/**
 * Goes through all choices from the one that reads best on down, each proved the moment it comes (best-first search by
 * an upper bound, A*: Hart, Nilsson and Raphael 1968). Equals come in any order. Nothing is read that
 * could not be among what comes next.
 */
export function* descending(roots: readonly Prospects[]): Generator<Step> {
  const queue = new TinyQueue<Begun>(
    roots.map((prospects) => ({
      chosen: [],
      prospects,
      wide: [],
      wasRead: false,
      most: Infinity,
      siblings: [],
      at: 0,
    })),
    inTurn,
  );
  let readings = 0;
  for (let next = queue.pop(); next; next = queue.pop()) {
    const after = next.siblings[next.at + 1];
    if (!next.wasRead && after)
      queue.push({
        ...next,
        chosen: [...next.chosen.slice(0, -1), after.option],
        most: after.most,
        at: next.at + 1,
      });
    if (!next.wasRead) {
      const { points, wide } = next.prospects.read(next.chosen);
      const whole = isWhole(next);
      const most = whole ? Math.round(points * millionths) : Math.min(next.most, above(points));
      queue.push({ ...next, wide, wasRead: true, most });
      readings += 1;
      if (readings % breath === 0)
        yield { most: (queue.peek()?.most ?? -Infinity) / millionths, found: null };
    } else if (isWhole(next)) {
      const points = next.most / millionths;
      yield { most: points, found: { prospects: next.prospects, chosen: next.chosen, points } };
    } else {
      const [first, ...rest] = followersOf(next);
      if (first)
        queue.push({
          ...next,
          chosen: [...next.chosen, first.option],
          wasRead: false,
          most: first.most,
          siblings: [first, ...rest],
          at: 0,
        });
    }
  }
  yield { most: -Infinity, found: null };
}

const millionths = 1e6;

/** Points in millionths, up to the next whole one: what was lost in adding up must not make a bound too low. */
function above(points: number): number {
  return Math.ceil(points * millionths - 1e-3);
}

function isWhole({ chosen, prospects }: Begun): boolean {
  return chosen.length === prospects.places.length;
}

function followersOf({ chosen, prospects, wide, most }: Begun): Follower[] {
  const { options } = prospects.places[chosen.length] ?? { options: [] };
  return options
    .map((_, option): Follower => ({
      option,
      most: Math.min(most, above(prospects.guess([...chosen, option], wide))),
    }))
    .sort((one, other) => other.most - one.most);
}

/** What can come to more first; among equals what is whole, and of what is begun that which is furthest on. */
function inTurn(one: Begun, other: Begun): number {
  if (one.most !== other.most) return other.most - one.most;
  const [first, second] = [one, other].map((each) => each.wasRead && isWhole(each));
  if (first !== second) return first ? -1 : 1;
  return other.chosen.length - one.chosen.length;
}
