import type { Dressed, Worn } from "../dressing/dressed";
import type { LevelRange } from "../dressing/level-range";
import type { Slot } from "../piece/slots";
import type { Effect, Finding } from "./finding";

/**
 * A look that is still being chosen: what is on, and what may yet be put on. In a slot that is open at most one piece
 * is put on, or none. Nothing that is on is hidden by what is put on later: shoes come before hosiery, and no top layer
 * is among what is open.
 */
export interface Outlook {
  readonly on: Dressed;
  /** What would be seen of the open slots, and what the base would hide, which keeps warm all the same. */
  readonly open: ReadonlyMap<Slot, readonly Worn[]>;
  readonly hidden: ReadonlyMap<Slot, readonly Worn[]>;
  /** Everything of the open slots that would be seen, as it is worn on the base alone: of the look it takes no more. */
  readonly may: readonly Worn[];
  /** The same after what is seen of what is on. */
  readonly all: readonly Worn[];
  /** How many times larger all that is seen may become: shares of the look fall by no more than that. */
  readonly grows: number;
  /**
   * The levels between which the look will stand (docs/model.md, Formality), with or without a piece; null where
   * nothing says so.
   */
  readonly levels: (without: Worn | null) => LevelRange | null;
}

/**
 * The most that a rule could make of a look, whatever is put on beside what is on: never less than what it makes of
 * any of them. Each effect stands for a finding.
 */
export interface Hope {
  /** What it will find against the look at the least. */
  readonly faults: readonly Effect[];
  readonly praise: readonly Effect[];
}

/** A rule that may find something amiss, and never praises. */
export const noHope: Hope = { faults: [], praise: [] };

/** Praise at the most, and nothing that is sure to be amiss. */
export function hopeFor(...praise: Effect[]): Hope {
  return { faults: [], praise };
}

/** Something amiss whatever is put on, and no praise. */
export function doomed(...faults: Effect[]): Hope {
  return { faults, praise: [] };
}

/** What is said already and stays so, whatever is put on. */
export function surely(findings: readonly Finding[]): Hope {
  const effects = findings.map(({ effect }) => effect);
  return {
    faults: effects.filter((effect) => effect === "bar" || effect === "jars" || effect === "rubs"),
    praise: effects.filter((effect) => effect === "lifts" || effect === "sings"),
  };
}

/** Whether any of some slots is still open. */
export function isOpen({ open }: Outlook, ...slots: readonly Slot[]): boolean {
  return slots.some((slot) => open.has(slot));
}
