/** Whether two lists hold the same things in the same order. */
export function isSameList<T>(one: readonly T[], other: readonly T[]): boolean {
  return one === other || (one.length === other.length && one.every((each, i) => each === other[i]));
}
