/** The ladder of formality, 1-9. */
export const ladder = [
  "shore and sofa",
  "off duty",
  "casual",
  "easy smart",
  "polished smart",
  "business",
  "dressy",
  "formal",
  "black tie",
] as const;

/** Where a piece is at home: its centre and how far it reaches, in steps 1-9 (halves allowed). */
export interface RegisterSpan {
  readonly low: number;
  readonly centre: number;
  readonly high: number;
}

/** How far a piece is taken to reach to either side of its level until somebody says otherwise, steps. */
const usualReach = 1.5;

/** A span about a level: as wide as the one before where that still holds it, else of the usual reach. */
export function spanAround(centre: number, before: RegisterSpan | null): RegisterSpan {
  if (before && before.low <= centre && centre <= before.high) return { ...before, centre };
  const low = Math.max(1, centre - usualReach);
  return { low, centre, high: Math.min(ladder.length, centre + usualReach) };
}

/** The word for a level, such as 5.4 -> "polished smart". */
export function levelWord(level: number): string {
  const step = Math.min(9, Math.max(1, Math.round(level)));
  return ladder[step - 1] ?? "casual";
}
