import type { AdjustmentOf } from "../piece/adjustment";

/** A named list of a client's pieces, in order: a base or a set. */
export interface GroupRecord {
  readonly id: string;
  readonly clientId: string;
  readonly name: string;
  readonly pieceIds: readonly string[];
  /** How its scarf is tied; of a base none. */
  readonly ties: Ties;
  readonly version: number;
}

/** How scarves of a set are tied. */
export type Ties = readonly AdjustmentOf<"tie">[];

/** A base or a set as a form sends it; of a set whose ties are left out those stay that it has. */
export interface GroupInput extends Pick<GroupRecord, "clientId" | "name" | "pieceIds"> {
  readonly ties?: Ties;
}
