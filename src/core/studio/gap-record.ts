import type { GapFacts } from "../search/gap-spec";

/** A missing piece on a client's list. */
export interface GapInput {
  readonly clientId: string;
  readonly facts: GapFacts;
  /** What it would open when it was written down: bases, each with its occasion. */
  readonly opens: readonly string[];
  readonly note: string;
  /** What it may cost, in the studio's money; null while nobody has said. */
  readonly budget: number | null;
}

export interface GapRecord extends GapInput {
  readonly id: string;
  readonly version: number;
}
