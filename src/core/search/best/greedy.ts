import { worthOf, type Choice, type Problem } from "./problem";

/**
 * Chooses place by place what is worth most beside what was chosen before, then exchanges single options
 * as long as that helps. Quick, and not always best: where the exact search begins.
 */
export function greedyChoice(problem: Problem): Choice {
  return improved(problem, placeByPlace(problem));
}

/** Place by place, without looking back: what a hand would do. */
export function placeByPlace(problem: Problem): Choice {
  const { places, worth, together, count } = problem;
  const options: number[] = [];
  for (const place of places) {
    let best = -1;
    let most = -Infinity;
    for (const option of place) {
      let sum = worth[option] ?? 0;
      for (const chosen of options) sum += together[option * count + chosen] ?? 0;
      if (sum > most) {
        most = sum;
        best = option;
      }
    }
    options.push(best);
  }
  return { options, worth: worthOf(problem, options) };
}

function improved(problem: Problem, start: Choice): Choice {
  let best = start;
  for (let changed = true; changed;) {
    changed = false;
    problem.places.forEach((place, at) => {
      for (const option of place) {
        const options = best.options.map((each, i) => (i === at ? option : each));
        const worth = worthOf(problem, options);
        if (worth > best.worth) {
          best = { options, worth };
          changed = true;
        }
      }
    });
  }
  return best;
}
