import type { Adjustment } from "../piece/adjustment";

/** A named list of a client's pieces, in order: a base or a set. */
export interface GroupRecord {
  readonly id: string;
  readonly clientId: string;
  readonly name: string;
  readonly pieceIds: readonly string[];
  /** How its pieces are worn: a scarf tied, a strap doubled, a brooch pinned; of a base none. */
  readonly ways: Ways;
  readonly version: number;
}

/** How the pieces of a set are worn. */
export type Ways = readonly Adjustment[];

/** A base or a set as a form sends it; of a set whose ways are left out those stay that it has. */
export interface GroupInput extends Pick<GroupRecord, "clientId" | "name" | "pieceIds"> {
  readonly ways?: Ways;
}
