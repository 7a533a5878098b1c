/** A value of plain lists and objects with the fields of every object in the order of the alphabet. */
export function withSortedKeys(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withSortedKeys);
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([one], [other]) => (one < other ? -1 : 1))
      .map(([key, inner]) => [key, withSortedKeys(inner)]),
  );
}
