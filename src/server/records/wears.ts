import { v7 as uuid } from "uuid";
import type { Tenant } from "../db/tenant";
import { putAway } from "./versioned";

/** Writes down that a set was worn on a day (yyyy-mm-dd). */
export async function addWear(
  tenant: Tenant,
  input: { readonly clientId: string; readonly setId: string; readonly day: string },
  id: string = uuid(),
): Promise<string> {
  await tenant("wears").insert({
    studio_id: tenant.studioId,
    id,
    client_id: input.clientId,
    set_id: input.setId,
    worn_on: input.day,
  });
  return id;
}

/** Strikes a wear out; the record of it stays. @throws NotFound */
export const strikeWear = (tenant: Tenant, id: string) => putAway(tenant, "wears", id);

/** The last day on which each piece was worn by each of some clients, as part of a set. */
export async function lastWornOfEach(
  tenant: Tenant,
  clientIds: readonly string[],
): Promise<{ client_id: string; piece_id: string; day: string }[]> {
  return await tenant("wears")
    .join("set_accessories", (on) =>
      on.on("set_accessories.studio_id", "wears.studio_id").andOn("set_accessories.set_id", "wears.set_id"),
    )
    .where("wears.studio_id", tenant.studioId)
    .whereIn("wears.client_id", [...clientIds])
    .whereNull("wears.deleted_at")
    .groupBy("wears.client_id", "set_accessories.piece_id")
    .select<{ client_id: string; piece_id: string; day: string }[]>(
      "wears.client_id",
      "set_accessories.piece_id",
      tenant.raw("max(wears.worn_on) as day"),
    );
}

/** The last day on which each set of a client was worn, by the set's id. */
export async function lastWorn(tenant: Tenant, clientId: string): Promise<Record<string, string>> {
  const query = tenant("wears")
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .whereNull("deleted_at")
    .groupBy("set_id")
    .select<{ set_id: string; day: string }[]>("set_id", tenant.raw("max(worn_on) as day"));
  const rows = await query;
  return Object.fromEntries(rows.map(({ set_id, day }) => [set_id, day]));
}
