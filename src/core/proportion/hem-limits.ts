import { param, valuesOf, type Values } from "../rule-book/params";
import type { RuleBook } from "../rule-book/rule-book";

/** Thresholds that several hem rules share, overridable under the id "hem". */
export const hemLimits = {
  closeEase: param(3.5, "cm", "a shaft standing off the leg by at most this is close"),
  snagBelow: param(-2.5, "cm", "lower end of the gaps at which a loose shaft's edge catches"),
  overlapBelow: param(-0.5, "cm", "a gap at or under this is an overlap"),
  showsFrom: param(1.5, "cm", "a gap from this on shows something between hem and shaft"),
  roomy: param(16, "cm", "clearance with which a hem swings free of even a loose shaft"),
  clearanceBase: param(3, "cm", "clearance a hem needs to fall over a close shaft"),
  tape: param(0.5, "cm", "how far a measured hem may be from where it was reckoned"),
  guess: param(2, "cm", "the same where a height was estimated"),
  nearlyLoose: param(
    2.5,
    "cm",
    "standing off by more than this a shaft is as nearly loose as can be measured",
  ),
  nearlyRoomy: param(17, "cm", "clearance under which a hem may as well not swing free"),
  clearancePerEase: param(0.8, "ratio", "further clearance for each cm the shaft stands off the leg"),
} as const;

export type HemLimits = Values<typeof hemLimits>;

export function hemLimitsOf(book: RuleBook): HemLimits {
  return valuesOf("hem", hemLimits, book);
}

/** How far a hem may be from where it was reckoned, cm: by the tape, or by the usual figures of a height. */
export function doubtOf({ estimated }: { readonly estimated: boolean }, { tape, guess }: HemLimits): number {
  return estimated ? guess : tape;
}
