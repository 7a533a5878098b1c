// The ways to find the best sets side by side, in one run on the same wardrobes: reading every one of them, choosing
// place by place, what agrees best by itself (and that once more by an integer program), and the proof by reading.
import { read } from "../src/core/reading/read";
import { climb } from "../src/core/search/best/climb";
import { placeByPlace } from "../src/core/search/best/greedy";
import { lookWith, placesOf, type Option } from "../src/core/search/best/options";
import { possibleChoices, type Problem } from "../src/core/search/best/problem";
import { bestChoices } from "../src/core/search/best/branch-and-bound";
import { seekSets } from "../src/core/search/best/seek";
import { setProblem, type SetWish } from "../src/core/search/best/set-problem";
import { slotOf } from "../src/core/piece/piece";
import { generatedChoice } from "../src/core/testing/generated-choice";

/** Solves a program in the LP format: its greatest value. */
export type SolveProgram = (program: string) => number;

const kinds = ["shoe", "bag", "scarf", "earrings", "necklace"] as const;
const wardrobes = 12;
const each = 5;

/** What one way takes, ms, and by how many points its set reads below the best there is. */
interface Tally {
  taken: number;
  best: number;
  below: number;
}

export interface SideBySide {
  readonly combinations: number;
  readonly ways: Readonly<Record<string, Tally>>;
  /** In how many wardrobes the integer program and the stand-in's own search agree. */
  readonly programsAgree: number;
  readonly wardrobes: number;
}

export function compareWays(solve: SolveProgram): SideBySide {
  const ways: Record<string, Tally> = {};
  const count = (name: string, taken: number, below: number) => {
    const tally = (ways[name] ??= { taken: 0, best: 0, below: 0 });
    tally.taken += taken;
    tally.below += below;
    if (below < 1e-6) tally.best += 1;
  };
  let combinations = 0;
  let programsAgree = 0;
  for (let seed = 0; seed < wardrobes; seed += 1) {
    const { base, wardrobe } = generatedChoice(seed, kinds, each);
    const wish = wishFor(wardrobe.map(slotOf));
    const laidOut = timed(() => setProblem(base, wardrobe, wish));
    const { problem, pieces } = laidOut.value;
    combinations += Number(possibleChoices(problem));
    const points = (options: readonly Option[]) => read(lookWith(base, options)).points;
    const pointsOf = (numbers: readonly number[]) => points(numbers.map((number) => pieces[number] ?? null));

    const all = timed(() =>
      mostPoints(
        placesOf(laidOut.value, wish).map(({ options }) => options),
        points,
      ),
    );
    const proof = timed(() => {
      let best = -Infinity;
      for (const now of seekSets(base, laidOut.value, wish, { most: 1, apart: 1 }))
        best = now.best[0]?.points ?? best;
      return best;
    });
    const greedy = timed(() => placeByPlace(problem).options);
    const standIn = timed(() => bestChoices(problem, 1).best[0]);
    const climbed = timed(() => climbedFrom(greedy.value, problem, pointsOf));
    const program = timed(() => solve(programOf(problem)));
    if (Math.abs(program.value - (standIn.value?.worth ?? NaN)) < 0.5) programsAgree += 1;

    count("every one read", all.taken, 0);
    count("proved by reading", laidOut.taken + proof.taken, all.value - proof.value);
    count("place by place", laidOut.taken + greedy.taken, all.value - pointsOf(greedy.value));
    count("exchanged by reading", laidOut.taken + climbed.taken, all.value - climbed.value);
    count(
      "what agrees best",
      laidOut.taken + standIn.taken,
      all.value - pointsOf(standIn.value?.options ?? []),
    );
    count(
      "the same by HiGHS",
      laidOut.taken + program.taken,
      all.value - pointsOf(standIn.value?.options ?? []),
    );
  }
  return { combinations, ways, programsAgree, wardrobes };
}

function wishFor(taken: readonly ReturnType<typeof slotOf>[]): SetWish {
  const slots = [...new Set(taken)].flatMap((slot) => slot ?? []);
  return {
    slots: slots.map((slot) => ({ slot, optional: slot !== "shoe", pinned: null })),
    forRain: false,
    from: null,
    to: null,
  };
}

function timed<T>(work: () => T): { readonly value: T; readonly taken: number } {
  const began = performance.now();
  const value = work();
  return { value, taken: performance.now() - began };
}

function mostPoints(
  places: readonly (readonly Option[])[],
  points: (options: readonly Option[]) => number,
  begun: readonly Option[] = [],
): number {
  const [place, ...rest] = places;
  if (!place) return points(begun);
  return Math.max(...place.map((option) => mostPoints(rest, points, [...begun, option])));
}

/** The points that exchanging single pieces comes to. */
function climbedFrom(
  start: readonly number[],
  { places }: Problem,
  pointsOf: (numbers: readonly number[]) => number,
): number {
  const numbersOf = (chosen: readonly number[]) => chosen.map((option, at) => places[at]?.[option] ?? 0);
  const chosen = start.map((number, at) => places[at]?.indexOf(number) ?? 0);
  let best = -Infinity;
  const sizes = places.map(({ length }) => length);
  const pointsBy = (choices: readonly (readonly number[])[]) =>
    choices.map((choice) => pointsOf(numbersOf(choice)));
  for (const { points } of climb(chosen, sizes, pointsBy)) best = points;
  return best;
}

/**
 * The choice of the stand-in as a 0/1 program: x for an option, y for two together (at most either where that is worth
 * something, at least both less one where it costs), z for what a group has beyond its limit.
 */
function programOf({ places, worth, together, count, groups }: Problem): string {
  const aims: string[] = [];
  const rules: string[] = [];
  const whole: string[] = [];
  const signed = (value: number) => `${value < 0 ? "-" : "+"} ${Math.abs(value)}`;
  for (const place of places) {
    rules.push(`${place.map((option) => `x${option}`).join(" + ")} = 1`);
    for (const option of place) {
      whole.push(`x${option}`);
      if (worth[option]) aims.push(`${signed(worth[option] ?? 0)} x${option}`);
    }
  }
  places.forEach((place, at) => {
    for (const later of places.slice(at + 1))
      for (const one of place)
        for (const other of later) {
          const value = together[one * count + other] ?? 0;
          if (value === 0) continue;
          const both = `y${one}_${other}`;
          aims.push(`${signed(value)} ${both}`);
          if (value > 0) rules.push(`${both} - x${one} <= 0`, `${both} - x${other} <= 0`);
          else rules.push(`${both} - x${one} - x${other} >= -1`);
        }
  });
  groups.forEach(({ counts, limit, cost }, i) => {
    const counted = [...counts].flatMap((times, option) => (times ? [`${signed(-times)} x${option}`] : []));
    if (counted.length === 0) return;
    aims.push(`- ${cost} z${i}`);
    rules.push(`z${i} ${counted.join(" ")} >= ${-limit}`);
  });
  return `Maximize\n obj: ${aims.join(" ")}\nSubject To\n${rules.map((rule, i) => ` c${i}: ${rule}`).join("\n")}\nBinary\n ${whole.join(" ")}\nEnd\n`;
}
