import type { Piece } from "./piece";

/** What a piece may need before it is worn again. */
export const careNeeds = [
  "a dry clean",
  "a wash",
  "new heel tips",
  "a stain taken out",
  "pilling taken off",
  "a mend",
] as const;
export type CareNeed = (typeof careNeeds)[number];

/** Why a piece is not here. */
export type AwayFor = "in care" | "on loan";

/** What is known of a piece beside what it is. */
export interface Upkeep {
  /** Null: it is here. */
  readonly away: AwayFor | null;
  /** The day it is due back, yyyy-mm-dd; null: nobody has said. */
  readonly back: string | null;
  readonly needs: readonly CareNeed[];
  /** The last day it was worn, yyyy-mm-dd; null: never, as far as is known. */
  readonly lastWorn: string | null;
}

/** A look that a company has seen. */
export interface ShownBefore {
  readonly company: string;
  readonly occasion: string;
  /** yyyy-mm-dd */
  readonly day: string;
  readonly pieces: readonly string[];
}

/** What is on record of a client's pieces and of where they were shown. */
export interface OnRecord {
  /** The day that counts where no occasion says one, yyyy-mm-dd. */
  readonly today: string;
  /** By the id of a piece; one of which nothing is known has none. */
  readonly upkeep: Readonly<Record<string, Upkeep>>;
  readonly shown: readonly ShownBefore[];
}

/** Milliseconds of a day. */
const aDay = 86_400_000;

/** Whole days from one day to another, both yyyy-mm-dd; negative where the other comes first. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / aDay);
}

/** Whether a piece is not here on a day: away, and not due back by then. */
export function isAwayOn({ away, back }: Pick<Upkeep, "away" | "back">, day: string): boolean {
  return away !== null && (back === null || day < back);
}

/** Whether a piece wants a day between two wears: shoes do. */
export function needsRest({ kind }: Pick<Piece, "kind">): boolean {
  return kind === "shoe";
}

/**
 * Whether a piece should rest on a day: shoes are not worn two days running, so that leather dries (docs/model.md,
 * Comfort).
 * @param lastWorn the last day it was worn, yyyy-mm-dd; null: never
 */
export function restsOn(piece: Piece, lastWorn: string | null, day: string): boolean {
  if (!needsRest(piece) || lastWorn === null) return false;
  const days = daysBetween(lastWorn, day);
  return days === 0 || days === 1;
}
