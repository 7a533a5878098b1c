/** A field that somebody else changed while it was being typed in here. */
export interface Meanwhile {
  /** Path in the form's values, such as "piece.figures.lift". */
  readonly path: string;
  readonly mine: unknown;
  readonly theirs: unknown;
}

/**
 * What somebody else changed since a form was opened, where it is not what stands in the form now. Lists
 * count as one field; the id and the version are not fields.
 * @param opened the values the form was opened with
 * @param mine what stands in the form
 * @param theirs what is on record
 */
export function changedMeanwhile(opened: unknown, mine: unknown, theirs: unknown): Meanwhile[] {
  const before = leavesOf(opened);
  const here = leavesOf(mine);
  return [...leavesOf(theirs)].flatMap(([path, value]) => {
    if (path === "id" || path === "version" || isSame(value, before.get(path))) return [];
    return isSame(value, here.get(path)) ? [] : [{ path, mine: here.get(path), theirs: value }];
  });
}

/** A value in words: lists by their parts, shares in per cent. */
export function inWords(value: unknown): string {
  if (value === null || value === undefined || value === "") return "nothing";
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (Array.isArray(value)) return value.length === 0 ? "nothing" : value.map(inWords).join(", ");
  if (typeof value === "object")
    return Object.entries(value)
      .map(([name, part]) => (name === "share" ? `${Math.round(Number(part) * 100)} %` : inWords(part)))
      .join(" ");
  return typeof value === "number" ? String(Math.round(value * 100) / 100) : (value as string);
}

function leavesOf(value: unknown, path = ""): Map<string, unknown> {
  if (typeof value !== "object" || value === null || Array.isArray(value)) return new Map([[path, value]]);
  return new Map(
    Object.entries(value).flatMap(([name, part]) => [...leavesOf(part, path ? `${path}.${name}` : name)]),
  );
}

function isSame(one: unknown, other: unknown): boolean {
  return JSON.stringify(one ?? null) === JSON.stringify(other ?? null);
}
