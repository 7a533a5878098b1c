import type { Knex } from "knex";
import { database } from "./database";
// What each table holds, for every query that is written in the transaction.
import type {} from "./tables";

/** A transaction in which only one studio's rows exist. */
export type Tenant = Knex.Transaction & { readonly studioId: string };

/**
 * Runs work in a transaction that sees and writes only this studio's rows. It is the one way to a
 * tenant table: outside it row-level security shows nothing.
 */
export function inStudio<T>(studioId: string, work: (tenant: Tenant) => Promise<T>): Promise<T> {
  return database().transaction(async (trx) => {
    await trx.raw("select set_config('app.studio_id', ?, true)", [studioId]);
    return work(Object.assign(trx, { studioId }));
  });
}

/** Says who does the work of a transaction: what is changed in it is written down under their name. */
export async function actAs(tenant: Tenant, userId: string): Promise<void> {
  await tenant.raw("select set_config('app.user_id', ?, true)", [userId]);
}
