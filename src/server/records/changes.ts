import type { ChangeRecord } from "@/core/studio/member-record";
import type { Tenant } from "../db/tenant";

/** What was changed in the studio's records and by whom, the last first; from before a moment, where one is given. */
export async function listChanges(
  tenant: Tenant,
  most: number,
  before: string | null = null,
): Promise<ChangeRecord[]> {
  const query = tenant("changes")
    .leftJoin("users", "users.id", "changes.user_id")
    .where("changes.studio_id", tenant.studioId)
    .orderBy([
      { column: "changes.made_at", order: "desc" },
      { column: "changes.id", order: "desc" },
    ])
    .limit(most)
    .select(
      "changes.id",
      "changes.made_at",
      "users.name as by",
      "changes.record",
      "changes.name",
      "changes.deed",
      "changes.fields",
    );
  if (before !== null) void query.where("changes.made_at", "<", new Date(before));
  const rows = (await query) as (Omit<ChangeRecord, "at"> & { made_at: Date })[];
  return rows.map(({ made_at, ...row }) => ({ ...row, at: made_at.toISOString() }));
}
