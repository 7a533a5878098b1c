import { v7 as uuid, validate as isId } from "uuid";
import type { GroupInput, GroupRecord, Ways } from "@/core/studio/group-record";
import type { GroupRow } from "../db/work-rows";
import type { Tenant } from "../db/tenant";
import { refuseStrangePieces } from "./own-pieces";
import { bringBack, putAway, replaceList, updateVersion } from "./versioned";

type FilledRow = GroupRow & { readonly piece_ids: readonly string[]; readonly ways?: Ways };

interface GroupTables {
  readonly table: "bases" | "sets";
  readonly members: "base_garments" | "set_accessories";
  readonly owner: "base_id" | "set_id";
  /** Columns that say when a row was taken out of use; only rows without any are listed. */
  readonly unless: readonly ("deleted_at" | "retired_at")[];
}

/** The queries of bases and of sets, and what changes them: both are a name over a list of pieces. */
export function groupRecords({ table, members, owner, unless }: GroupTables) {
  const memberIds = `(
    select coalesce(array_agg(g.piece_id order by g.position), '{}')
    from ${members} g where g.studio_id = ${table}.studio_id and g.${owner} = ${table}.id
  ) as piece_ids`;

  const select = (tenant: Tenant) =>
    tenant(table)
      .select<FilledRow[]>(`${table}.*`, tenant.raw(memberIds))
      .where(`${table}.studio_id`, tenant.studioId);

  return {
    select,
    fromRow,

    /** A client's, the oldest first. */
    async list(tenant: Tenant, clientId: string): Promise<GroupRecord[]> {
      const query = select(tenant)
        .where(`${table}.client_id`, clientId)
        .where(inUse({ table, unless }))
        .orderBy(`${table}.id`);
      return (await query).map(fromRow);
    },

    /** Those of some ids, in use or not. */
    async byId(tenant: Tenant, ids: readonly string[]): Promise<GroupRecord[]> {
      return (await select(tenant).whereIn(`${table}.id`, [...ids])).map(fromRow);
    },

    async find(tenant: Tenant, id: string): Promise<GroupRecord | null> {
      if (!isId(id)) return null;
      const row = await select(tenant).where(`${table}.id`, id).first();
      return row ? fromRow(row) : null;
    },

    ...groupCounts({ table, unless }),
    ...groupWrites({ table, members, owner }),
  };
}

/** What is not taken out of use. */
function inUse({ table, unless }: Pick<GroupTables, "table" | "unless">) {
  return Object.fromEntries(unless.map((column) => [`${table}.${column}`, null]));
}

/** How many bases and sets there are. */
function groupCounts(group: Pick<GroupTables, "table" | "unless">) {
  const { table } = group;
  return {
    /** How many each of some clients has, and the first of each, by the client's id. */
    async firstOfEach(
      tenant: Tenant,
      clientIds: readonly string[],
    ): Promise<ReadonlyMap<string, { readonly count: number; readonly id: string }>> {
      const query = tenant(table)
        .where("studio_id", tenant.studioId)
        .whereIn("client_id", [...clientIds])
        .where(inUse(group))
        .groupBy("client_id")
        .select<{ client_id: string; count: string; id: string }[]>(
          "client_id",
          tenant.raw("count(*)"),
          tenant.raw("min(id::text) as id"),
        );
      return new Map((await query).map((row) => [row.client_id, { count: Number(row.count), id: row.id }]));
    },

    /** How many of a client are in use, as a column of a query. */
    countOf(tenant: Tenant, clientId: string) {
      return tenant(table)
        .where({ studio_id: tenant.studioId, client_id: clientId, ...inUse(group) })
        .select(tenant.raw("count(*)::int"));
    },
  };
}

/** What changes bases and sets. */
function groupWrites({ table, members, owner }: Omit<GroupTables, "unless">) {
  /** The ways of a set as they are written; nothing where none were sent, and for bases, which have none. */
  const tiesColumn = ({ ways }: GroupInput) =>
    table === "sets" && ways !== undefined ? { ways: JSON.stringify(ways) } : {};

  return {
    /** @throws Refusal for a piece of another client */
    async add(tenant: Tenant, input: GroupInput, id: string = uuid()): Promise<string> {
      await refuseStrangePieces(tenant, input.clientId, input.pieceIds);
      await tenant(table).insert({
        studio_id: tenant.studioId,
        id,
        client_id: input.clientId,
        name: input.name,
        ...tiesColumn(input),
      });
      await replaceList(tenant, members, { [owner]: id }, input.pieceIds);
      return id;
    },

    /** @throws StaleWrite, NotFound; Refusal for a piece of another client */
    async change(
      tenant: Tenant,
      key: { readonly id: string; readonly version: number },
      input: GroupInput,
    ): Promise<void> {
      await updateVersion(tenant, table, key, {
        name: input.name,
        client_id: input.clientId,
        ...tiesColumn(input),
      });
      await refuseStrangePieces(tenant, input.clientId, input.pieceIds);
      await replaceList(tenant, members, { [owner]: key.id }, input.pieceIds);
    },

    putAway: (tenant: Tenant, id: string) => putAway(tenant, table, id),
    bringBack: (tenant: Tenant, id: string) => bringBack(tenant, table, id),
  };
}

function fromRow(row: FilledRow): GroupRecord {
  return {
    id: row.id,
    clientId: row.client_id,
    name: row.name,
    pieceIds: row.piece_ids,
    // A scarf that was taken out of a set has left its tie there.
    ways: (row.ways ?? []).filter(({ piece }) => row.piece_ids.includes(piece)),
    version: row.version,
  };
}
