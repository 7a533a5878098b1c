/** A named list of a client's pieces, in order: a base or a set. */
export interface GroupRecord {
  readonly id: string;
  readonly clientId: string;
  readonly name: string;
  readonly pieceIds: readonly string[];
  readonly version: number;
}

export type GroupInput = Pick<GroupRecord, "clientId" | "name" | "pieceIds">;
