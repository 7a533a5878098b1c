/** Words after which the rest of a name only describes what was named before: "tights, 15 den". */
const ends = /,| \b(?:with|in|of|for|from|at|on|by)\b /;

/** Endings of words that are one thing although they end in s: dress, canvas, trellis, lens. */
const singular = /(?:ss|us|as|is|ns|[^aeiou]ys|'s)$/;

/** Names of one thing that end like several, and the other way round. */
const exceptions: Readonly<Record<string, boolean>> = { jeans: true, pens: true, sans: false, specs: true };

/** How many the name of a piece speaks of, as far as a verb is concerned: 1, or 2 for "loafers" and "tights". */
export function numberOf(name: string): 1 | 2 {
  const head = name.split(ends)[0] ?? name;
  const last =
    head
      .trim()
      .split(/[\s-]+/)
      .pop()
      ?.toLowerCase() ?? "";
  const known = exceptions[last];
  if (known !== undefined) return known ? 2 : 1;
  return last.endsWith("s") && !singular.test(last) ? 2 : 1;
}
