import type { Choice } from "./problem";

/** In how many places two choices differ. */
export function placesApart(one: Choice, other: Choice): number {
  return one.options.filter((option, i) => option !== other.options[i]).length;
}

/**
 * The best choices that differ from one another in at least so many places: the best first, then each
 * next one that is far enough from all that were taken.
 */
export function diverse(choices: readonly Choice[], most: number, apart: number): Choice[] {
  const taken: Choice[] = [];
  for (const choice of choices) {
    if (taken.length === most) break;
    if (taken.every((other) => placesApart(other, choice) >= apart)) taken.push(choice);
  }
  return taken;
}
