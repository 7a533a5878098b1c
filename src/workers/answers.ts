import type { TailorAnswer } from "@/core/reading/tailor";
import type { Removal } from "@/core/reading/edit-pass";
import type { Candidate } from "@/core/search/rank";

/** A candidate and a removal as they cross from the worker: the piece by its id. */
export type RankedPiece = Omit<Candidate, "piece"> & { readonly pieceId: string };
export type RemovedPiece = Omit<Removal, "piece"> & { readonly pieceId: string };

/** What to ask the tailor for, and what the legs need under them. */
export type TailorCounsel = TailorAnswer & {
  readonly lift: { readonly from: number; readonly to: number } | null;
};
