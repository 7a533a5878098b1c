import { v7 as uuid } from "uuid";
import type { GapInput, GapRecord } from "@/core/studio/gap-record";
import type { GapRow } from "../db/work-rows";
import type { Tenant } from "../db/tenant";
import { bringBack, putAway, updateVersion } from "./versioned";

/** What is missing on a client's list, in the order in which it was written down. */
export async function listGaps(tenant: Tenant, clientId: string): Promise<GapRecord[]> {
  const rows = await tenant("gaps")
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .whereNull("deleted_at")
    .orderBy("id");
  return rows.map((row) => ({ id: row.id, clientId, version: row.version, ...notedOf(row) }));
}

/** Everything a client was ever missing, put away or not, in the order in which it was written down. */
export async function everyGapOf(tenant: Tenant, clientId: string) {
  const rows = await tenant("gaps")
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .orderBy(["created_at", "id"]);
  return rows.map((row) => ({ ...notedOf(row), putAwayAt: row.deleted_at?.toISOString() ?? null }));
}

export async function addGap(tenant: Tenant, gap: GapInput, id: string = uuid()): Promise<string> {
  await tenant("gaps").insert({ studio_id: tenant.studioId, id, ...gapRow(gap) });
  return id;
}

/** What is written of a missing piece, beside what names it. */
export function gapRow({ clientId, facts, ...rest }: GapInput) {
  return { client_id: clientId, ...facts, ...rest };
}

function notedOf(row: GapRow): Omit<GapInput, "clientId"> {
  const { form, colour, finish, level, metal, size, opens, note, budget } = row;
  return {
    facts: { form, colour, finish, level, metal, size },
    opens,
    note,
    budget: budget === null ? null : Number(budget),
  };
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
