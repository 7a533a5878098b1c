import { dress } from "../../dressing/dress";
import type { Worn } from "../../dressing/dressed";
import { adjust, type Adjustment } from "../../piece/adjustment";
import type { Look } from "../../piece/look";
import type { Piece } from "../../piece/piece";
import type { Slot } from "../../piece/slots";
import type { SetProblem, SetWish } from "./set-problem";

/** A piece for a slot in one of the ways it is tried; null leaves the slot empty. */
export interface Option {
  readonly piece: Piece | null;
  /** How a scarf is tied; null as it is recorded. */
  readonly way: Adjustment | null;
}

/** A slot with what it may hold. */
export interface Place {
  readonly slot: Slot;
  readonly options: readonly Option[];
}

/** The places of a choice with every way each piece is tried in, as the options of the stand-in have them. */
export function placesOf({ problem, pieces }: SetProblem, { slots }: SetWish): Place[] {
  return problem.places.map((numbers, at) => ({
    slot: slots[at]?.slot ?? "shoe",
    options: numbers.flatMap((number): Option[] => {
      const piece = pieces[number] ?? null;
      return [{ piece, way: null }];
    }),
  }));
}

/** A base with what was chosen for it. */
export function lookWith(base: Look, chosen: readonly Option[]): Look {
  const worn = chosen.filter(({ piece }) => piece !== null);
  return {
    ...base,
    accessories: worn.flatMap(({ piece }) => piece ?? []),
    adjustments: worn.reduce(
      (adjustments: readonly Adjustment[], { way }) => (way ? adjust(adjustments, way) : adjustments),
      base.adjustments,
    ),
  };
}

/** An option as it is worn on the base alone; null for an empty slot. */
export function wornAlone(base: Look, option: Option): Worn | null {
  if (!option.piece) return null;
  return dress(lookWith(base, [option])).worn.find(({ piece }) => piece.id === option.piece?.id) ?? null;
}
