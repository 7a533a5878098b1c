import type { LengthUnit } from "@/core/length/length";
import type { Tenant } from "../db/tenant";

export interface StudioRecord {
  readonly id: string;
  readonly name: string;
  readonly lengthUnit: LengthUnit;
}

/** The studio of the transaction. */
export async function thisStudio(tenant: Tenant): Promise<StudioRecord> {
  const row = await tenant("studios").where({ id: tenant.studioId }).first("id", "name", "length_unit");
  return { id: row.id, name: row.name, lengthUnit: row.length_unit };
}

export async function setLengthUnit(tenant: Tenant, unit: LengthUnit): Promise<void> {
  await tenant("studios").where({ id: tenant.studioId }).update({ length_unit: unit });
}
