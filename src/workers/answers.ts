import type { Slot } from "@/core/piece/slots";
import type { Finding } from "@/core/rules/finding";
import type { Ways } from "@/core/studio/group-record";
import type { NamedPieces } from "@/core/studio/bench-source";
import type { Verdict } from "@/core/reading/verdict";
import type { TailorAnswer } from "@/core/reading/tailor";
import type { Removal, Surprise } from "@/core/reading/edit-pass";
import type { FilledTemplate } from "@/core/search/best/fill";
import type { GapSpec } from "@/core/search/gap-spec";
import type { Lever, SlotLevers } from "@/core/search/levers";
import type { Candidate } from "@/core/search/rank";

/** A candidate and a removal as they cross from the worker: the piece by its id. */
export type RankedPiece = Omit<Candidate, "piece"> & { readonly pieceId: string };
export type RemovedPiece = Omit<Removal, "piece"> & { readonly pieceId: string };

/** A swap of something plain for something that speaks, by ids. */
export type SurpriseOf = Omit<Surprise, "off" | "on"> & { readonly offId: string; readonly onId: string };

/** What a station does to the level, by ids. */
export type LeverOf = Omit<Lever, "piece"> & { readonly pieceId: string };
export type SlotLeversOf = Pick<SlotLevers, "slot"> & {
  readonly quieter: LeverOf | null;
  readonly dressier: LeverOf | null;
};

/** The sets that read best on a base, far enough apart to be a choice. */
export interface BestSets {
  readonly sets: readonly {
    readonly pieceIds: readonly string[];
    /** How its scarf is tied, where the look reads best so. */
    readonly ways: Ways;
    /** As the whole look reads with it. */
    readonly score: number;
    readonly verdict: Verdict;
    readonly points: number;
  }[];
  /** What is proved of them, every piece worn as it is recorded: that none reads better, or that of the first. */
  readonly proved: "all" | "the best" | "none";
  /** By how many points anything could read better than the best; null as long as nothing is known of that. */
  readonly margin: number | null;
  /** How many sets were read in full, and how many combinations there are. */
  readonly read: number;
  readonly possible: string;
  /** Slots for which nothing can be offered. */
  readonly bare: readonly Slot[];
  /** Whether what suffers in rain was left out for the weather of the occasion. */
  readonly wet: boolean;
}

/** One base for one occasion, with the set that serves it best or comes nearest to it. */
export interface ServedPair {
  readonly base: NamedPieces;
  /** Null for a client without occasions. */
  readonly occasion: { readonly id: string; readonly name: string } | null;
  readonly set: NamedPieces;
  readonly verdict: Verdict;
  /** Where no set serves it, what is most amiss with the one that comes nearest. */
  readonly why: Finding | null;
}

/** What the sets serve, what they do not, and what would. */
export interface FoundGaps {
  readonly pairs: readonly ServedPair[];
  /** The best missing pieces, with the positions of the pairs that each opens. */
  readonly gaps: readonly (GapSpec & { readonly unlocks: readonly number[] })[];
  /** How many missing pieces were tried, of how many. */
  readonly tried: number;
  readonly specs: number;
}

/** A template filled, by ids. */
export type FilledOf = Omit<FilledTemplate, "pieces"> & { readonly pieceIds: readonly string[] };

/** What to ask the tailor for, and what the legs need under them. */
export type TailorAdvice = TailorAnswer & {
  readonly lift: { readonly from: number; readonly to: number } | null;
};
