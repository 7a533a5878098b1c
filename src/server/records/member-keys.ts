import { noShortcuts, type Shortcuts } from "@/core/studio/shortcuts";
import type { Tenant } from "../db/tenant";

/** The keys of one person as she set them. */
export async function shortcutsOf(tenant: Tenant, userId: string): Promise<Shortcuts> {
  const row = await tenant("member_keys").where({ studio_id: tenant.studioId, user_id: userId }).first();
  return row ? { single: row.single, keys: row.keys } : noShortcuts;
}

export async function setShortcuts(
  tenant: Tenant,
  userId: string,
  { single, keys }: Shortcuts,
): Promise<void> {
  const values = { single, keys: JSON.stringify(keys) };
  await tenant("member_keys")
    .insert({ studio_id: tenant.studioId, user_id: userId, ...values })
    .onConflict(["studio_id", "user_id"])
    .merge(values);
}
