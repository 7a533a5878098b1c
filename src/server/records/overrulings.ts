import type { Overruling } from "@/core/studio/overruling";
import type { Tenant } from "../db/tenant";
import { NotFound } from "./refusal";

/** What was overruled for a client and not withdrawn, the newest first. */
export async function overrulingsFor(tenant: Tenant, clientId: string): Promise<Overruling[]> {
  const rows = await tenant("overrulings")
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .whereNull("withdrawn_at")
    .orderBy("made_at", "desc");
  return rows.map((row) => ({
    id: row.id,
    rule: row.rule,
    effect: row.effect,
    pieceIds: row.piece_ids,
    reason: row.reason,
    lookId: row.look_id,
  }));
}

/** Keeps an overruling under its id; sent twice, it is kept once. */
export async function keepOverruling(
  tenant: Tenant,
  clientId: string,
  overruling: Overruling,
): Promise<void> {
  await tenant("overrulings")
    .insert({
      studio_id: tenant.studioId,
      id: overruling.id,
      client_id: clientId,
      look_id: overruling.lookId,
      rule: overruling.rule,
      effect: overruling.effect,
      piece_ids: overruling.pieceIds,
      reason: overruling.reason,
    })
    .onConflict(["studio_id", "id"])
    .ignore();
}

/** Withdraws an overruling; the record of it stays. @throws NotFound */
export async function withdrawOverruling(tenant: Tenant, id: string): Promise<void> {
  const changed = await tenant("overrulings")
    .where({ studio_id: tenant.studioId, id })
    .update({ withdrawn_at: tenant.fn.now() });
  if (changed === 0) throw new NotFound(`no overruling ${id}`);
}
