import type { Kind } from "../piece/kinds";
import { slotOf } from "../piece/piece";
import { slots } from "../piece/slots";
import { read } from "../reading/read";
import { placesApart } from "../search/best/diverse";
import type { ReadSet, Sought } from "../search/best/found-sets";
import { lookWith, placesOf, type Option } from "../search/best/options";
import { seekSets } from "../search/best/seek";
import { setProblem, type SetWish } from "../search/best/set-problem";
import { generatedChoice, wornInWays, type Choice } from "./generated-choice";

/** A made-up choice with what is wished of a set in it. */
export interface WishedChoice extends Choice {
  readonly wish: SetWish;
}

/** A made-up choice of every slot of some kinds, half of them worn in ways: shoes, and whatever is better than nothing. */
export function wishedChoice(seed: number, kinds: readonly Kind[], each: number): WishedChoice {
  const made = generatedChoice(seed, kinds, each);
  const choice = seed % 2 === 0 ? made : wornInWays(made, seed);
  const taken = slots.filter((slot) => choice.wardrobe.some((piece) => slotOf(piece) === slot));
  const wish: SetWish = {
    slots: taken.map((slot) => ({ slot, optional: slot !== "shoe", pinned: null })),
    forRain: seed % 5 === 0,
    from: seed % 7 === 0 ? 4 : null,
    to: null,
  };
  return { ...choice, wish };
}

/** Every set there is, the one that reads best first; equals in the order in which they are laid out. */
export function everySet({ base, wardrobe, wish }: WishedChoice): ReadSet[] {
  const places = placesOf(setProblem(base, wardrobe, wish), wish);
  const all = places.reduce<Option[][]>(
    (begun, { options }) => begun.flatMap((chosen) => options.map((option) => [...chosen, option])),
    [[]],
  );
  return all
    .map((options) => ({ options, points: read(lookWith(base, options)).points }))
    .sort((one, other) => other.points - one.points);
}

/** Of each of some sets the points of the best of all that lies so far from those before it. NaN where it does not. */
export function pointsApart(sets: readonly ReadSet[], every: readonly ReadSet[], apart: number): number[] {
  return sets.map((set, i) => {
    const isApart = (other: ReadSet) =>
      sets.slice(0, i).every((before) => placesApart(before, other) >= apart);
    return isApart(set) ? (every.find(isApart)?.points ?? NaN) : NaN;
  });
}

/** What is told of the search for sets, from its first word to its last. */
export function* toldOf(
  { base, wardrobe, wish }: WishedChoice,
  asked: { readonly most: number; readonly apart: number },
): Generator<Sought> {
  yield* seekSets(base, setProblem(base, wardrobe, wish), wish, asked);
}

/** What is known when the search for sets is at its end. */
export function soughtIn(
  choice: WishedChoice,
  asked: { readonly most: number; readonly apart: number },
): Sought {
  const last = [...toldOf(choice, asked)].at(-1);
  if (!last) throw new Error("nothing was sought");
  return last;
}
