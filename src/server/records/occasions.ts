import { v7 as uuid, validate as isId } from "uuid";
import type { Occasion } from "@/core/piece/occasion";
import type { OccasionInput, OccasionRecord } from "@/core/studio/occasion-record";
import type { OccasionRow } from "../db/work-rows";
import type { Tenant } from "../db/tenant";
import { bringBack, putAway, updateVersion } from "./versioned";

/** A client's occasions by day. */
export async function listOccasions(tenant: Tenant, clientId: string): Promise<OccasionRecord[]> {
  const rows = await tenant("occasions")
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .whereNull("deleted_at")
    .orderBy(["day", "id"]);
  return rows.map(fromRow);
}

/** How many occasions a client has, as a column of a query. */
export function countOccasions(tenant: Tenant, clientId: string) {
  return tenant("occasions")
    .where({ studio_id: tenant.studioId, client_id: clientId, deleted_at: null })
    .select(tenant.raw("count(*)::int"));
}

/** How many occasions of the studio there are from a day on. */
export async function countComing(tenant: Tenant, from: string): Promise<number> {
  const row = await tenant("occasions")
    .where({ studio_id: tenant.studioId, deleted_at: null })
    .where("day", ">=", from)
    .count<{ count: string }[]>("* as count");
  return Number(row[0]?.count ?? 0);
}

/** The studio's next occasions from a day on. */
export async function comingOccasions(tenant: Tenant, from: string, most: number): Promise<OccasionRecord[]> {
  const rows = await tenant("occasions")
    .where({ studio_id: tenant.studioId })
    .where("day", ">=", from)
    .whereNull("deleted_at")
    .orderBy(["day", "id"])
    .limit(most);
  return rows.map(fromRow);
}

/** Occasions by their ids. */
export async function occasionsById(tenant: Tenant, ids: readonly string[]): Promise<OccasionRecord[]> {
  const rows = await tenant("occasions")
    .where({ studio_id: tenant.studioId })
    .whereIn("id", [...ids]);
  return rows.map(fromRow);
}

export async function findOccasion(tenant: Tenant, id: string): Promise<OccasionRecord | null> {
  if (!isId(id)) return null;
  const row = await tenant("occasions").where({ studio_id: tenant.studioId, id }).first();
  return row ? fromRow(row) : null;
}

export async function addOccasion(
  tenant: Tenant,
  input: OccasionInput,
  id: string = uuid(),
): Promise<string> {
  await tenant("occasions").insert({ studio_id: tenant.studioId, id, ...occasionRow(input) });
  return id;
}

/** @throws StaleWrite, NotFound */
export async function changeOccasion(
  tenant: Tenant,
  key: { readonly id: string; readonly version: number },
  input: OccasionInput,
): Promise<void> {
  await updateVersion(tenant, "occasions", key, occasionRow(input));
}

export const putOccasionAway = (tenant: Tenant, id: string) => putAway(tenant, "occasions", id);
export const bringOccasionBack = (tenant: Tenant, id: string) => bringBack(tenant, "occasions", id);

/** The fields of an occasion that go by one name in the table and in the core. */
const sharedFields = [
  "name",
  "place",
  "day",
  "flags",
  "weather",
  "temperature",
  "rain",
  "wind",
  "ground",
  "light",
  "company",
] as const satisfies readonly (keyof OccasionRow & keyof Occasion)[];

function alikeOf(
  of: Pick<Occasion, (typeof sharedFields)[number]>,
): Pick<Occasion, (typeof sharedFields)[number]> {
  return Object.fromEntries(sharedFields.map((name) => [name, of[name]])) as typeof of;
}

function fromRow(row: OccasionRow): OccasionRecord {
  const occasion = {
    id: row.id,
    ...alikeOf(row),
    span: { low: row.level_low, high: row.level_high },
    mustCarry: row.must_carry,
    onFoot: row.on_foot,
  };
  return { occasion, clientId: row.client_id, version: row.version };
}

/** What is written of an occasion, beside what names it. */
export function occasionRow({ clientId, occasion }: OccasionInput) {
  const { span, mustCarry, onFoot } = occasion;
  return {
    client_id: clientId,
    ...alikeOf(occasion),
    level_low: span.low,
    level_high: span.high,
    must_carry: mustCarry,
    on_foot: onFoot,
  };
}
