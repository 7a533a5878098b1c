/** Adds all of a list, which is mostly empty, to another: for nothing no walk is set up. */
export function addAll<T>(list: T[], more: readonly T[]): void {
  for (let i = 0; i < more.length; i += 1) list.push(more[i] as T);
}
