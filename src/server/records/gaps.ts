import { v7 as uuid } from "uuid";
import type { GapInput, GapRecord } from "@/core/studio/gap-record";
import type { Tenant } from "../db/tenant";
import { bringBack, putAway, updateVersion } from "./versioned";

/** What is missing on a client's list, in the order in which it was written down. */
export async function listGaps(tenant: Tenant, clientId: string): Promise<GapRecord[]> {
  const rows = await tenant("gaps")
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .whereNull("deleted_at")
    .orderBy("id");
  return rows.map(({ id, client_id, opens, note, budget, version, ...row }) => ({
    id,
    clientId: client_id,
    facts: {
      form: row.form,
      colour: row.colour,
      finish: row.finish,
      level: row.level,
      metal: row.metal,
      size: row.size,
    },
    opens,
    note,
    budget: budget === null ? null : Number(budget),
    version,
  }));
}

export async function addGap(tenant: Tenant, gap: GapInput, id: string = uuid()): Promise<string> {
  const { clientId, facts, ...rest } = gap;
  await tenant("gaps").insert({ studio_id: tenant.studioId, id, client_id: clientId, ...facts, ...rest });
  return id;
}

/** Changes what is noted of a missing piece. @throws StaleWrite, NotFound */
export async function changeGap(
  tenant: Tenant,
  key: { readonly id: string; readonly version: number },
  noted: Pick<GapInput, "note" | "budget">,
): Promise<void> {
  await updateVersion(tenant, "gaps", key, noted);
}

export const putGapAway = (tenant: Tenant, id: string) => putAway(tenant, "gaps", id);
export const bringGapBack = (tenant: Tenant, id: string) => bringBack(tenant, "gaps", id);
