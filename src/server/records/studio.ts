import type { LengthUnit } from "@/core/length/length";
import { sayWith } from "@/words/say";
import { serverWords } from "@/words/server";
import type { Tenant } from "../db/tenant";
import { NotFound, Refusal } from "./refusal";

export interface StudioRecord {
  readonly id: string;
  readonly name: string;
  readonly lengthUnit: LengthUnit;
  /** As the zone database names it, such as "Europe/Vienna". */
  readonly timeZone: string;
}

/** The studio of the transaction. */
export async function thisStudio(tenant: Tenant): Promise<StudioRecord> {
  const row = await tenant("studios").where({ id: tenant.studioId }).first();
  if (!row) throw new NotFound(`no studio ${tenant.studioId}`);
  return { id: row.id, name: row.name, lengthUnit: row.length_unit, timeZone: row.time_zone };
}

/** The day it is in the studio, yyyy-mm-dd: at midnight in the studio's own time zone the next one begins. */
export async function todayIn(tenant: Tenant): Promise<string> {
  const row = await tenant("studios")
    .where({ id: tenant.studioId })
    .first<{ today: string }>(tenant.raw("(now() at time zone time_zone)::date as today"));
  return row.today;
}

export async function setLengthUnit(tenant: Tenant, unit: LengthUnit): Promise<void> {
  await tenant("studios").where({ id: tenant.studioId }).update({ length_unit: unit });
}

/** Sets the studio's time zone; the database must know it. @throws Refusal when it does not */
export async function setTimeZone(tenant: Tenant, zone: string): Promise<void> {
  const known = await tenant
    .select<{ name: string }[]>("name")
    .from("pg_timezone_names")
    .where({ name: zone });
  if (known.length === 0) throw new Refusal("zone", sayWith(serverWords.thereIsNoTimeZone, { zone }));
  await tenant("studios").where({ id: tenant.studioId }).update({ time_zone: zone });
}

/** After how many days what was put away is purged; null for never. */
export async function purgeTime(tenant: Tenant): Promise<number | null> {
  const row = await tenant("studios").where({ id: tenant.studioId }).first("purge_after_days");
  return row?.purge_after_days ?? null;
}

export async function setPurgeTime(tenant: Tenant, days: number | null): Promise<void> {
  await tenant("studios").where({ id: tenant.studioId }).update({ purge_after_days: days });
}
