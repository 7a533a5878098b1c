import { validate as isId } from "uuid";
import type { LookStep } from "@/core/studio/look-steps";
import type { LookStepRow } from "../db/tables";
import type { Tenant } from "../db/tenant";

/** How many of a look's steps are shown and can be taken back. */
const most = 300;

/** The steps of a look, the oldest first; of very many the newest. */
export async function listSteps(tenant: Tenant, lookId: string): Promise<LookStep[]> {
  if (!isId(lookId)) return [];
  const rows = await tenant("look_steps")
    .where({ studio_id: tenant.studioId, look_id: lookId })
    .orderBy([
      { column: "taken_at", order: "desc" },
      { column: "id", order: "desc" },
    ])
    .limit(most);
  return rows.map(fromRow).reverse();
}

/** Writes steps down under their look; what is on record already stays as it is. */
export async function addSteps(tenant: Tenant, lookId: string, steps: readonly LookStep[]): Promise<void> {
  if (steps.length === 0) return;
  await tenant("look_steps")
    .insert(
      steps.map((step) => ({
        studio_id: tenant.studioId,
        id: step.id,
        look_id: lookId,
        after: step.after,
        taken_at: new Date(step.at),
        accessory_ids: [...step.accessoryIds],
        adjustments: JSON.stringify(step.adjustments),
        own_verdict: step.ownVerdict,
      })),
    )
    .onConflict(["studio_id", "id"])
    .ignore();
}

function fromRow(row: LookStepRow): LookStep {
  return {
    id: row.id,
    after: row.after,
    at: row.taken_at.toISOString(),
    accessoryIds: row.accessory_ids,
    adjustments: row.adjustments,
    ownVerdict: row.own_verdict,
  };
}
