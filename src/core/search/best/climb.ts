/** Points of a whole choice, options by place. */
export type PointsOf = (chosen: readonly number[]) => number;

/** A whole choice by the options of its places, with its points. */
export interface Reached {
  readonly chosen: readonly number[];
  readonly points: number;
}

/**
 * Exchanges single options as long as that gains points, place by place, telling after each place
 * where it stands. What is left at the end is no worse than any choice that differs in one place; it need not be the best.
 * @param sizes how many options each place has
 */
export function* climb(
  start: readonly number[],
  sizes: readonly number[],
  pointsOf: PointsOf,
): Generator<Reached> {
  let best: Reached = { chosen: start, points: pointsOf(start) };
  yield best;
  let unchanged = 0;
  for (let place = 0; unchanged < sizes.length; place = (place + 1) % sizes.length) {
    unchanged += 1;
    for (let option = 0; option < (sizes[place] ?? 0); option += 1) {
      if (option === best.chosen[place]) continue;
      const chosen = best.chosen.map((each, i) => (i === place ? option : each));
      const points = pointsOf(chosen);
      if (points <= best.points) continue;
      best = { chosen, points };
      unchanged = 0;
    }
    yield best;
  }
}
