import type { Removal } from "@/core/reading/edit-pass";
import type { Candidate } from "@/core/search/rank";

/** A candidate and a removal as they cross from the worker: the piece by its id. */
export type RankedPiece = Omit<Candidate, "piece"> & { readonly pieceId: string };
export type RemovedPiece = Omit<Removal, "piece"> & { readonly pieceId: string };
