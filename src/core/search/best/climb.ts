/** Points of whole choices, options by place. */
export type PointsOf = (choices: readonly (readonly number[])[]) => readonly number[];

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
  let best: Reached = { chosen: start, points: pointsOf([start])[0] ?? -Infinity };
  yield best;
  let unchanged = 0;
  for (let place = 0; unchanged < sizes.length; place = (place + 1) % sizes.length) {
    unchanged += 1;
    const exchanged = exchangedAt(best.chosen, place, sizes[place] ?? 0);
    for (const [i, points] of pointsOf(exchanged).entries()) {
      const chosen = exchanged[i];
      if (!chosen || points <= best.points) continue;
      best = { chosen, points };
      unchanged = 0;
    }
    yield best;
  }
}

/** A choice with every other option in one place. */
function exchangedAt(chosen: readonly number[], place: number, size: number): (readonly number[])[] {
  const others = Array.from({ length: size }, (_, option) => option).filter(
    (option) => option !== chosen[place],
  );
  return others.map((option) => chosen.map((each, i) => (i === place ? option : each)));
}
