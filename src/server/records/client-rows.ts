import type { Tables } from "knex/types/tables.js";
import { countedKinds, type ClientCounts, type CountedKind } from "@/core/studio/client-whole";
import type { Tenant } from "../db/tenant";

interface RowsOfClient {
  readonly table: keyof Tables;
  /** Which rows r of it are a client's, as SQL. */
  readonly hers: string;
}

const own = "r.client_id = :client";
const under = (table: string, key: string) =>
  `exists (select 1 from ${table} o where o.studio_id = r.studio_id and o.id = r.${key} and o.client_id = :client)`;

/** Every table with rows of a client, what is named before what names it. */
export const rowsOfClient: readonly RowsOfClient[] = [
  { table: "clients", hers: "r.id = :client" },
  { table: "measurements", hers: own },
  { table: "rule_book_versions", hers: own },
  { table: "pieces", hers: own },
  { table: "swatches", hers: under("pieces", "piece_id") },
  { table: "photos", hers: under("pieces", "piece_id") },
  { table: "occasions", hers: own },
  { table: "bases", hers: own },
  { table: "base_garments", hers: under("bases", "base_id") },
  { table: "sets", hers: own },
  { table: "set_accessories", hers: under("sets", "set_id") },
  { table: "wears", hers: own },
  { table: "looks", hers: own },
  { table: "look_accessories", hers: under("looks", "look_id") },
  { table: "adjustments", hers: under("looks", "look_id") },
  { table: "look_steps", hers: under("looks", "look_id") },
  { table: "overrulings", hers: own },
  { table: "declined", hers: own },
  { table: "gaps", hers: own },
  { table: "links", hers: own },
  { table: "link_looks", hers: under("links", "link_id") },
  { table: "outbox", hers: under("links", "link_id") },
];

/** Which rows r of a table are a client's, as SQL. */
export function hersOf(table: keyof Tables): string {
  const found = rowsOfClient.find((each) => each.table === table);
  if (!found) throw new Error(`${table} has no rows of a client`);
  return found.hers;
}

const tableOf: Readonly<Record<CountedKind, keyof Tables>> = {
  measurement: "measurements",
  "rule book": "rule_book_versions",
  piece: "pieces",
  photo: "photos",
  base: "bases",
  set: "sets",
  "day worn": "wears",
  occasion: "occasions",
  look: "looks",
  step: "look_steps",
  overruling: "overrulings",
  "declined piece": "declined",
  "missing piece": "gaps",
  "private link": "links",
};

/** How much is on record of a client, put away or not. */
export async function countsOf(tenant: Tenant, clientId: string): Promise<ClientCounts> {
  const parts = countedKinds.map((kind) => {
    const table = tableOf[kind];
    return `(select count(*)::int from ${table} r where r.studio_id = :studio and ${hersOf(table)}) as "${kind}"`;
  });
  const { rows } = await tenant.raw<{ rows: ClientCounts[] }>(`select ${parts.join(", ")}`, {
    studio: tenant.studioId,
    client: clientId,
  });
  if (!rows[0]) throw new Error("a count came back empty");
  return rows[0];
}

/**
 * Takes every row of a client out of its table. A piece of hers that somebody else's look, base or set names goes to
 * the kit's archive, without its photo, so that theirs stay whole.
 */
export async function removeRowsOf(tenant: Tenant, clientId: string): Promise<void> {
  const given = { studio: tenant.studioId, client: clientId };
  const { rows } = await tenant.raw<{ rows: { id: string }[] }>(stillNamed, given);
  const kept = rows.map(({ id }) => id);
  await tenant("photos").where({ studio_id: tenant.studioId }).whereIn("piece_id", kept).delete();
  await tenant("pieces")
    .where({ studio_id: tenant.studioId })
    .whereIn("id", kept)
    .update({ client_id: null, deleted_at: tenant.raw("coalesce(deleted_at, now())") });
  for (const { table, hers } of [...rowsOfClient].reverse())
    await tenant.raw(`delete from ${table} r where r.studio_id = :studio and ${hers}`, given);
}

/** Pieces of a client that something of another client names. */
const stillNamed = `
  select r.id from pieces r where r.studio_id = :studio and r.client_id = :client and (
    ${[
      { members: "base_garments", owners: "bases", key: "base_id" },
      { members: "set_accessories", owners: "sets", key: "set_id" },
      { members: "look_accessories", owners: "looks", key: "look_id" },
      { members: "adjustments", owners: "looks", key: "look_id" },
    ]
      .map(
        ({ members, owners, key }) => `exists (
          select 1 from ${members} m join ${owners} o on o.studio_id = m.studio_id and o.id = m.${key}
          where m.studio_id = r.studio_id and m.piece_id = r.id and o.client_id <> :client)`,
      )
      .join(" or ")})`;
