import type { Knex } from "knex";
import type { GroupRecord } from "@/core/studio/group-record";
import type { Tenant } from "../db/tenant";
import { groupRecords } from "./groups";
import { NotFound } from "./refusal";

const { select, fromRow, ...records } = groupRecords({
  table: "sets",
  members: "set_accessories",
  owner: "set_id",
  unless: ["deleted_at", "retired_at"],
});

/** Sets: shoes and at least two more accessories that agree with one another. */
export const sets = {
  ...records,

  /** A client's sets that are no longer offered but stay on record, the last retired first. */
  async listRetired(tenant: Tenant, clientId: string): Promise<GroupRecord[]> {
    const query = select(tenant)
      .where("sets.client_id", clientId)
      .whereNull("sets.deleted_at")
      .whereNotNull("sets.retired_at")
      .orderBy("sets.retired_at", "desc");
    return (await query).map(fromRow);
  },

  retire: (tenant: Tenant, id: string) => setRetired(tenant, id, tenant.fn.now()),
  takeUp: (tenant: Tenant, id: string) => setRetired(tenant, id, null),
};

async function setRetired(tenant: Tenant, id: string, when: Knex.Raw | null): Promise<void> {
  const changed = await tenant("sets").where({ studio_id: tenant.studioId, id }).update({ retired_at: when });
  if (changed === 0) throw new NotFound(`no set ${id}`);
}
