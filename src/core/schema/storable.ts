/** What cannot be kept of something that was sent, and where it is; the path is empty for the whole of it. */
interface Unstorable {
  readonly path: readonly string[];
  readonly why: "characters" | "names" | "shape";
}

/** Names that would reach behind an object's own fields. */
const reserved = new Set(["__proto__", "constructor", "prototype"]);

/** Deeper than anything that is sent here. */
const deepest = 30;

/**
 * What in a value no text column and no record of ours can hold: a zero character, half a character, a name that is
 * not an object's own, or anything but plain lists, objects, texts, numbers and yes or no.
 * @returns the first such place, or null
 */
export function unstorable(value: unknown): Unstorable | null {
  const open: { readonly value: unknown; readonly path: readonly string[] }[] = [{ value, path: [] }];
  for (let place = open.pop(); place; place = open.pop()) {
    const { value: at, path } = place;
    if (typeof at === "string") {
      if (!isWhole(at)) return { path, why: "characters" };
      continue;
    }
    if (at === null || ["undefined", "number", "boolean"].includes(typeof at)) continue;
    if (!isPlain(at) || path.length > deepest) return { path, why: "shape" };
    // Own keys only, and "__proto__" among them where it was sent as a field.
    for (const [key, inner] of Object.entries(at)) {
      if (reserved.has(key)) return { path, why: "names" };
      if (!isWhole(key)) return { path, why: "characters" };
      open.push({ value: inner, path: [...path, key] });
    }
  }
  return null;
}

/** Without a zero character and without half a surrogate pair, neither of which UTF-8 in a database can hold. */
function isWhole(text: string): boolean {
  return !/\0|\p{Surrogate}/u.test(text);
}

function isPlain(value: unknown): value is object {
  if (typeof value !== "object" || value === null) return false;
  const prototype: unknown = Object.getPrototypeOf(value);
  // A list can be given another prototype too, and has then lost what lists can do.
  if (Array.isArray(value)) return prototype === Array.prototype;
  return prototype === Object.prototype || prototype === null;
}
