/** A height interval along the body, cm above the footbed. */
export interface Interval {
  readonly from: number;
  readonly to: number;
}

/** The interval of a size about a middle, cm. */
export function around(middle: number, size: number): Interval {
  return { from: middle - size / 2, to: middle + size / 2 };
}

/** The middle of an interval, cm above the footbed. */
export function middleOf({ from, to }: Interval): number {
  return (from + to) / 2;
}

/** What is left of an interval when others are laid over it, from the lowest up. */
export function uncovered(interval: Interval, covers: readonly Interval[]): Interval[] {
  let left: Interval[] = [interval];
  for (const cover of covers) {
    if (cover.to <= interval.from || cover.from >= interval.to) continue;
    const parts: Interval[] = [];
    for (const part of left) {
      if (cover.to <= part.from || cover.from >= part.to) {
        parts.push(part);
        continue;
      }
      if (cover.from > part.from) parts.push({ from: part.from, to: cover.from });
      if (cover.to < part.to) parts.push({ from: cover.to, to: part.to });
    }
    left = parts;
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
