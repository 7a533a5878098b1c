import type { Interval } from "./dressed";

/** What is left of an interval when others are laid over it, from the lowest up. */
export function uncovered(interval: Interval, covers: readonly Interval[]): Interval[] {
  let left: Interval[] = [interval];
  for (const cover of covers) {
    left = left.flatMap((part) => {
      if (cover.to <= part.from || cover.from >= part.to) return [part];
      const below = cover.from > part.from ? [{ from: part.from, to: cover.from }] : [];
      const above = cover.to < part.to ? [{ from: cover.to, to: part.to }] : [];
      return [...below, ...above];
    });
  }
  return left;
}

/** Total length of intervals, cm. */
export function totalLength(intervals: readonly Interval[]): number {
  return intervals.reduce((sum, { from, to }) => sum + (to - from), 0);
}

/** How much of an interval lies under another, cm. */
export function overlap(one: Interval, other: Interval): number {
  return Math.max(0, Math.min(one.to, other.to) - Math.max(one.from, other.from));
}
