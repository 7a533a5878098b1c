import { dress } from "../../dressing/dress";
import type { Worn } from "../../dressing/dressed";
import type { Look } from "../../piece/look";
import type { Piece } from "../../piece/piece";
import type { Slot } from "../../piece/slots";
import type { SetProblem, SetWish } from "./set-problem";

/** A piece for a slot; null leaves it empty. */
export type Option = Piece | null;

/** A slot with what it may hold. */
export interface Place {
  readonly slot: Slot;
  readonly options: readonly Option[];
}

/** The places of a choice, with the options that are laid out for each. */
export function placesOf({ problem, pieces }: SetProblem, { slots }: SetWish): Place[] {
  return problem.places.map((numbers, at) => ({
    slot: slots[at]?.slot ?? "shoe",
    options: numbers.map((number) => pieces[number] ?? null),
  }));
}

/** A base, and what may be on it already, with what was chosen for it: each piece worn as the base has it worn. */
export function lookWith(base: Look, chosen: readonly Option[]): Look {
  const accessories = [...base.accessories, ...chosen.flatMap((piece) => piece ?? [])];
  if (base.adjustments.length === 0) return { ...base, accessories };
  const worn = new Set([...base.garments, ...accessories].map(({ id }) => id));
  return { ...base, accessories, adjustments: base.adjustments.filter(({ piece }) => worn.has(piece)) };
}

/** A piece as it is worn with nothing but what is on a base. */
export function wornAlone(base: Look, piece: Piece): Worn | null {
  return dress(lookWith(base, [piece])).worn.find((item) => item.piece.id === piece.id) ?? null;
}
