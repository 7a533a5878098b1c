/** A choice as far as it can be told from another: one option for each place. */
interface Chosen {
  readonly options: readonly unknown[];
}

/** In how many places two choices differ. */
export function placesApart(one: Chosen, other: Chosen): number {
  return one.options.filter((option, i) => option !== other.options[i]).length;
}

/**
 * The best choices that differ from one another in at least so many places: the best first, then each
 * next one that is far enough from all that were taken.
 * @param choices the best first
 * @param taken those that are taken already
 */
export function diverse<C extends Chosen>(
  choices: readonly C[],
  most: number,
  apart: number,
  taken: readonly C[] = [],
): C[] {
  const all = [...taken];
  for (const choice of choices) {
    if (all.length >= most) break;
    if (all.every((other) => placesApart(other, choice) >= apart)) all.push(choice);
  }
  return all;
}
