import type { Option, Place } from "./options";

/** How many places are chosen anew for another start. */
const chosenAnew = 3;
/** From one time to the next a place that is chosen anew goes on by so many options, so that no two starts are alike. */
const stride = 31;

/**
 * A set with a few places chosen anew. With each number it is other places, and once through all of them other options:
 * in the end everything was tried everywhere.
 */
export function anotherStart(options: readonly Option[], places: readonly Place[], number: number): Option[] {
  const start = [...options];
  const round = Math.floor(number / places.length);
  for (let i = 0; i < chosenAnew; i += 1) {
    const at = (number + (i * (i + 1)) / 2) % places.length;
    const choices = places[at]?.options ?? [];
    start[at] = choices[(round * stride + i) % choices.length] ?? null;
  }
  return start;
}
