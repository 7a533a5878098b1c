import type { RailView } from "@/core/studio/rail";
import type { Tenant } from "../db/tenant";

/** The ways in which one person has the rail narrowed. */
export async function railViewsOf(tenant: Tenant, userId: string): Promise<readonly RailView[]> {
  const row = await tenant("rail_views").where({ studio_id: tenant.studioId, user_id: userId }).first();
  return row?.views ?? [];
}

export async function setRailViews(
  tenant: Tenant,
  userId: string,
  views: readonly RailView[],
): Promise<void> {
  const values = { views: JSON.stringify(views) };
  await tenant("rail_views")
    .insert({ studio_id: tenant.studioId, user_id: userId, ...values })
    .onConflict(["studio_id", "user_id"])
    .merge(values);
}
