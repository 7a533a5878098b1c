import type { Girths } from "./girths";
import { tieOf, type Cloth, type TieAsked } from "./tied";

/** A neck that a scarf may be tied at, cm. */
export interface Neck {
  readonly neck: number;
}

/** Whose necks a scarf tied so goes round, and by how much it is too short for the others, cm. */
export interface WhoseNeck<N extends Neck> {
  readonly fits: readonly N[];
  readonly tooShortFor: readonly { readonly whose: N; readonly short: number }[];
}

/**
 * Tries a tie at several necks; the other girths stay as they are, since a tie at the neck goes round nothing else.
 * A scarf that cannot be tied so for another reason fits nobody, and is too short for nobody.
 */
export function whoseNeck<N extends Neck>(
  cloth: Cloth,
  asked: TieAsked,
  girths: Girths,
  necks: readonly N[],
): WhoseNeck<N> {
  const fits: N[] = [];
  const tooShortFor: { whose: N; short: number }[] = [];
  for (const whose of necks) {
    const answer = tieOf(cloth, asked, { ...girths, neck: { cm: whose.neck, estimated: false } });
    if (answer.possible) fits.push(whose);
    else if (answer.refusal.why === "too short") tooShortFor.push({ whose, short: answer.refusal.short });
  }
  return { fits, tooShortFor };
}
