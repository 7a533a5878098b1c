import type { Tables } from "knex/types/tables.js";
import type { Tenant } from "../../db/tenant";

export const isoOf = (moment: Date | null) => moment?.toISOString() ?? null;

type PutAwayTable = "pieces" | "occasions" | "bases" | "sets";

/** Ids of a client's rows in the order in which they were recorded, each with when it was put away. */
export async function rowsOf(tenant: Tenant, table: PutAwayTable, clientId: string) {
  const rows = await tenant(table)
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .orderBy(["created_at", "id"])
    .select<{ id: string; deleted_at: Date | null }[]>("id", "deleted_at");
  return rows.map(({ id, deleted_at }) => ({ id, putAwayAt: isoOf(deleted_at) }));
}

/** Records in the order of their rows, each with when it was put away. */
export function inRowsOrder<R extends { readonly id: string }, T>(
  rows: readonly { readonly id: string; readonly putAwayAt: string | null }[],
  records: readonly R[],
  say: (record: R, putAwayAt: string | null) => T,
): T[] {
  const found = new Map(records.map((record) => [record.id, record]));
  return rows.flatMap(({ id, putAwayAt }) => {
    const record = found.get(id);
    return record ? [say(record, putAwayAt)] : [];
  });
}

export const idsOf = (rows: readonly { readonly id: string }[]) => rows.map(({ id }) => id);

/** How many rows are written at once: writing a statement holds everybody else, and one takes 65,535 values at most. */
const atOnce = 100;

/** Writes rows of one table, however many there are. */
export async function insertAll(tenant: Tenant, table: keyof Tables, rows: readonly object[]): Promise<void> {
  for (let from = 0; from < rows.length; from += atOnce)
    await tenant<object>(table).insert(rows.slice(from, from + atOnce));
}
