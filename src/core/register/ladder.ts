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

/** The word for a level, such as 5.4 -> "polished smart". */
export function levelWord(level: number): string {
  const step = Math.min(9, Math.max(1, Math.round(level)));
  return ladder[step - 1] ?? "casual";
}
