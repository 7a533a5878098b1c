import { validate as isId } from "uuid";
import type { LookStep } from "@/core/studio/look-steps";
import type { LookStepRow } from "../db/work-rows";
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
  return rows.map(stepOf).reverse();
}

/** Every step of a client's looks, by the look's id, the oldest first. */
export async function everyStepOf(tenant: Tenant, clientId: string): Promise<Map<string, LookStep[]>> {
  const rows = await tenant("look_steps")
    .join("looks", (on) =>
      on.on("looks.studio_id", "look_steps.studio_id").andOn("looks.id", "look_steps.look_id"),
    )
    .where("look_steps.studio_id", tenant.studioId)
    .where("looks.client_id", clientId)
    .orderBy(["look_steps.taken_at", "look_steps.id"])
    .select<LookStepRow[]>("look_steps.*");
  const steps = new Map<string, LookStep[]>();
  for (const row of rows) {
    const own = steps.get(row.look_id) ?? [];
    own.push(stepOf(row));
    steps.set(row.look_id, own);
  }
  return steps;
}

/** Writes steps down under their look; what is on record already stays as it is. */
export async function addSteps(tenant: Tenant, lookId: string, steps: readonly LookStep[]): Promise<void> {
  if (steps.length === 0) return;
  await tenant("look_steps")
    .insert(steps.map((step) => stepRow(tenant, lookId, step)))
    .onConflict(["studio_id", "id"])
    .ignore();
}

/** A step as it is written. */
export function stepRow(tenant: Tenant, lookId: string, step: LookStep) {
  return {
    studio_id: tenant.studioId,
    id: step.id,
    look_id: lookId,
    after: step.after,
    taken_at: new Date(step.at),
    accessory_ids: [...step.accessoryIds],
    adjustments: JSON.stringify(step.adjustments),
    own_verdict: step.ownVerdict,
  };
}

function stepOf(row: LookStepRow): LookStep {
  return {
    id: row.id,
    after: row.after,
    at: row.taken_at.toISOString(),
    accessoryIds: row.accessory_ids,
    adjustments: row.adjustments,
    ownVerdict: row.own_verdict,
  };
}
