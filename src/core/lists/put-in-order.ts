/**
 * Puts a short list in order, in place, equals as they stood. A look has a dozen of anything: to set up `Array.sort` takes
 * longer, and a kilobyte of memory, than to put so few in order one by one.
 * @param compare below 0 where the first comes before the second
 */
export function putInOrder<T>(list: T[], compare: (one: T, other: T) => number): T[] {
  for (let i = 1; i < list.length; i += 1) {
    const each = list[i] as T;
    let at = i;
    while (at > 0 && compare(each, list[at - 1] as T) < 0) {
      list[at] = list[at - 1] as T;
      at -= 1;
    }
    list[at] = each;
  }
  return list;
}
