import type { Knex } from "knex";
import type { Tenant } from "../db/tenant";
import { NotFound, StaleWrite } from "./refusal";

type VersionedTable = "clients" | "pieces" | "bases" | "sets" | "occasions" | "looks" | "gaps";
/** Tables whose rows are put away rather than deleted. */
export type KeptTable = VersionedTable | "wears" | "set_templates";

/**
 * Updates a row only if it still has the version the change was made against.
 * @throws StaleWrite with the current row when it has moved on, NotFound when it is gone
 */
export async function updateVersion(
  tenant: Tenant,
  table: VersionedTable,
  key: { readonly id: string; readonly version: number },
  values: Record<string, unknown>,
): Promise<void> {
  const where = { studio_id: tenant.studioId, id: key.id };
  const changed = await tenant(table)
    .where({ ...where, version: key.version })
    .update({ ...values, version: key.version + 1, updated_at: tenant.fn.now() });
  if (changed === 1) return;
  const current: unknown = await tenant(table).where(where).first();
  throw current ? new StaleWrite(current) : new NotFound(`no ${table} ${key.id}`);
}

/** Puts a row away, to be brought back or purged later. */
export async function putAway(tenant: Tenant, table: KeptTable, id: string): Promise<void> {
  await setDeleted(tenant, table, id, tenant.fn.now());
}

/** Brings back what was put away. */
export async function bringBack(tenant: Tenant, table: KeptTable, id: string): Promise<void> {
  await setDeleted(tenant, table, id, null);
}

async function setDeleted(
  tenant: Tenant,
  table: KeptTable,
  id: string,
  when: Knex.Raw | null,
): Promise<void> {
  const changed = await tenant(table).where({ studio_id: tenant.studioId, id }).update({ deleted_at: when });
  if (changed === 0) throw new NotFound(`no ${table} ${id}`);
}

/** Writes an ordered list of pieces under an owner row, in place of what was there. */
export async function replaceList(
  tenant: Tenant,
  table: "base_garments" | "set_accessories" | "look_accessories",
  owner: Readonly<Record<string, string>>,
  pieceIds: readonly string[],
): Promise<void> {
  const key = { studio_id: tenant.studioId, ...owner };
  await tenant(table).where(key).delete();
  if (pieceIds.length > 0)
    await tenant(table).insert(pieceIds.map((piece_id, position) => ({ ...key, piece_id, position })));
}
