import TinyQueue from "tinyqueue";
import type { Outcome } from "./outcome";
import { above, inMillionths, millionths } from "./millionths";
import type { Prospects } from "./prospects";

/** A whole choice as it was laid out, with its points. */
export interface WholeChoice {
  readonly prospects: Prospects;
  readonly chosen: readonly number[];
  readonly points: number;
}

/** A step of going through the choices: the next best of them, or a sign of life. */
export interface Step {
  /** No choice that has not been found reads more points than this; -Infinity where none is left. */
  readonly most: number;
  readonly found: WholeChoice | null;
}

/** After so many readings there is a sign of life. */
const breath = 64;
/** As many choices are read side by side: each costs less, and a few may be read that nothing would have come of. */
const batch = 16;

/** A choice that is begun or whole, in the queue by the points it can come to. */
interface BegunChoice {
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
 * an upper bound, A*: Hart, Nilsson and Raphael 1968). Equals come in any order. What comes next is read a few choices
 * at a time.
 */
export function* descending(roots: readonly Prospects[]): Generator<Step> {
  const queue = new TinyQueue<BegunChoice>(
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
  while (queue.length > 0) {
    const unread = nextUnread(queue);
    if (unread.length === 0) {
      const next = queue.pop();
      if (!next) break;
      const points = next.most / millionths;
      yield { most: points, found: { prospects: next.prospects, chosen: next.chosen, points } };
      continue;
    }
    for (const one of readTogether(unread)) queue.push(one);
    const before = readings;
    readings += unread.length;
    if (Math.floor(readings / breath) > Math.floor(before / breath))
      yield { most: (queue.peek()?.most ?? -Infinity) / millionths, found: null };
  }
  yield { most: -Infinity, found: null };
}

/**
 * Takes from the queue what comes next and was not read, all of one lay-out; what was read and is begun is followed on
 * the way. None where a whole choice stands at the head: it is next.
 */
function nextUnread(queue: TinyQueue<BegunChoice>): BegunChoice[] {
  const unread: BegunChoice[] = [];
  for (let next = queue.peek(); next && unread.length < batch; next = queue.peek()) {
    if (next.wasRead && isWhole(next)) break;
    if (unread[0] && unread[0].prospects !== next.prospects) break;
    queue.pop();
    if (next.wasRead) pushFirst(next, queue);
    else {
      unread.push(next);
      pushSibling(next, queue);
    }
  }
  return unread;
}

/** The most promising of what follows from a choice. */
function pushFirst(begun: BegunChoice, queue: TinyQueue<BegunChoice>): void {
  const siblings = followersOf(begun);
  const [first] = siblings;
  if (!first) return;
  const chosen = [...begun.chosen, first.option];
  queue.push({ ...begun, chosen, wasRead: false, most: first.most, siblings, at: 0 });
}

function pushSibling({ siblings, at, chosen, ...rest }: BegunChoice, queue: TinyQueue<BegunChoice>): void {
  const after = siblings[at + 1];
  if (after)
    queue.push({
      ...rest,
      siblings,
      chosen: [...chosen.slice(0, -1), after.option],
      most: after.most,
      at: at + 1,
    });
}

function readTogether(unread: readonly BegunChoice[]): BegunChoice[] {
  const prospects = unread[0]?.prospects.read(unread.map(({ chosen }) => chosen)) ?? [];
  return prospects.flatMap(({ points, wide }, i): BegunChoice[] => {
    const one = unread[i];
    if (!one) return [];
    const most = isWhole(one) ? inMillionths(points) : Math.min(one.most, above(points));
    return [{ ...one, wide, wasRead: true, most }];
  });
}

function isWhole({ chosen, prospects }: BegunChoice): boolean {
  return chosen.length === prospects.places.length;
}

function followersOf({ chosen, prospects, wide, most }: BegunChoice): Follower[] {
  const { options } = prospects.places[chosen.length] ?? { options: [] };
  return options
    .map((_, option): Follower => ({
      option,
      most: Math.min(most, above(prospects.guess([...chosen, option], wide))),
    }))
    .sort((one, other) => other.most - one.most);
}

/** What can come to more first; among equals what is whole, and of what is begun that which is furthest on. */
function inTurn(one: BegunChoice, other: BegunChoice): number {
  if (one.most !== other.most) return other.most - one.most;
  const [first, second] = [one, other].map((each) => each.wasRead && isWhole(each));
  if (first !== second) return first ? -1 : 1;
  return other.chosen.length - one.chosen.length;
}
