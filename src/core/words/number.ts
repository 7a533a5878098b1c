/** Words after which the rest of a name only describes what was named before: "tights, 15 den". */
const ends = /,| \b(?:with|in|of|for|from|at|on|by)\b /;

/** Endings of words that are one thing although they end in s: dress, trellis, cactus. */
const singular = /(?:ss|us|is)$/;

/** Names of one thing that end like several. */
const single = new Set(["canvas", "lens", "gas", "atlas", "sans"]);

/** How many the name of a piece speaks of, as far as a verb is concerned: 1, or 2 for "loafers" and "tights". */
export function numberOf(name: string): 1 | 2 {
  const head = name.split(ends)[0] ?? name;
  const last =
    head
      .trim()
      .split(/[\s-]+/)
      .pop()
      ?.toLowerCase() ?? "";
  return last.endsWith("s") && !singular.test(last) && !single.has(last) ? 2 : 1;
}
