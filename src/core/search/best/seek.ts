import type { Look } from "../../piece/look";
import { readMany } from "../../reading/read-many";
import { climb, type PointsOf } from "./climb";
import { descending, type WholeChoice } from "./descending";
import { FoundSets, type SetsWanted, type Sought } from "./found-sets";
import { anotherStart } from "./another-start";
import { lookWith, placesOf, type Option, type Place } from "./options";
import type { Prospects } from "./prospects";
import { rootsOf, type Root } from "./roots";
import { searchBest } from "./branch-and-bound";
import type { SetProblem, SetWish } from "./set-problem";

/** How many of the sets that agree best are read first, and from how many of these it climbs. */
const starting = { read: 60, climbed: 2 } as const;
/** After so many steps of proving every other one is given to finding better sets. */
const stepsOfProof = 30;

/**
 * Seeks the sets that read best on a base (docs/model.md, Judgement), telling what is known after each step: first
 * those that agree best by themselves are read, then single pieces are exchanged as long as that gains points, then
 * all are gone through from the best on down, which proves what it comes to. Where that takes long, further starts
 * are tried in between. Whoever runs it may stop at any step.
 */
export function* seekSets(
  base: Look,
  laidOut: SetProblem,
  wish: SetWish,
  asked: SetsWanted,
): Generator<Sought, void> {
  const found = new FoundSets(asked);
  const bare = { ...base, accessories: [] };
  const places = placesOf(laidOut, wish);
  const agreeing = searchBest(laidOut.problem, starting.read);
  let seeds = agreeing.next();
  for (; !seeds.done; seeds = agreeing.next()) yield found.now();
  const starts = seeds.value.best.map(({ options }) =>
    options.map((number) => laidOut.pieces[number] ?? null),
  );
  for (const { of: options, reading } of readMany(starts, (options) => lookWith(bare, options)))
    found.add({ options, points: reading.points });
  yield found.now();
  const roots = rootsOf(bare, places);
  const climbing = function* (start: readonly Option[]) {
    for (const { prospects, chosenFrom, optionsOf } of roots) {
      const chosen = chosenFrom(start);
      if (!chosen) continue;
      const sizes = prospects.places.map(({ options }) => options.length);
      for (const { chosen: reached, points } of climb(chosen, sizes, pointsBy(prospects))) {
        found.add({ options: optionsOf(reached), points });
        yield found.now();
      }
    }
  };
  for (const { options } of found.starts(starting.climbed)) yield* climbing(options);
  let steps = 0;
  for (const { found: whole, most } of descending(roots.map(({ prospects }) => prospects))) {
    const root = whole && roots.find(({ prospects }) => prospects === whole.prospects);
    if (whole && root) {
      const sets = [trimmed(whole), whole.chosen].map((chosen) => root.optionsOf(chosen));
      const alike = [...sets.flatMap((set) => unlayered(set, whole.points, places, roots)), ...sets];
      found.prove(alike.map((options) => ({ options, points: whole.points })));
    }
    found.limit(most);
    const now = found.now();
    yield now;
    if (now.finished) return;
    steps += 1;
    const [best] = steps > stepsOfProof && steps % 2 === 0 ? now.best : [];
    if (best) yield* climbing(anotherStart(best.options, places, steps / 2));
  }
}

function pointsBy(prospects: Prospects): PointsOf {
  return (choices) => prospects.read(choices).map(({ points }) => points);
}

/** A set without the pieces that add nothing to it: it reads as many points. */
function trimmed({ prospects, chosen, points }: WholeChoice): readonly number[] {
  return prospects.places.reduce((left, { options }, place) => {
    const empty = options.indexOf(null);
    if (empty < 0 || left[place] === empty) return left;
    const less = left.map((option, i) => (i === place ? empty : option));
    return pointsBy(prospects)([less])[0] === points ? less : left;
  }, chosen);
}

/** A set without its top layer, where that adds nothing to it: other pieces lie under one, so it is read anew. */
function unlayered(
  options: readonly Option[],
  points: number,
  places: readonly Place[],
  roots: readonly Root[],
): (readonly Option[])[] {
  const at = places.findIndex(({ slot }) => slot === "layer");
  if (!options[at]) return [];
  const without = options.map((option, i) => (i === at ? null : option));
  return roots.flatMap(({ prospects, chosenFrom }) => {
    const chosen = chosenFrom(without);
    return chosen && pointsBy(prospects)([chosen])[0] === points ? [without] : [];
  });
}
