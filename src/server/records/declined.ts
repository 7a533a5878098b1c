import type { Declined } from "@/core/studio/declined";
import type { Tenant } from "../db/tenant";
import { refuseStrangePieces } from "./own-pieces";
import { NotFound } from "./refusal";

/** What is not to be offered to a client, the newest first. */
export async function declinedFor(tenant: Tenant, clientId: string): Promise<Declined[]> {
  const rows = await tenant("declined")
    .where({ studio_id: tenant.studioId, client_id: clientId })
    .whereNull("withdrawn_at")
    .orderBy([{ column: "made_at", order: "desc" }, { column: "id" }]);
  return rows.map((row) => ({ id: row.id, pieceId: row.piece_id, reason: row.reason }));
}

/** Keeps a no under its id; sent twice, it is kept once. @throws Refusal for a piece of another client */
export async function keepDeclined(tenant: Tenant, clientId: string, declined: Declined): Promise<void> {
  await refuseStrangePieces(tenant, clientId, [declined.pieceId]);
  await tenant("declined")
    .insert({
      studio_id: tenant.studioId,
      id: declined.id,
      client_id: clientId,
      piece_id: declined.pieceId,
      reason: declined.reason,
    })
    .onConflict(["studio_id", "id"])
    .ignore();
}

/** The piece is offered again; the record of the no stays. @throws NotFound */
export async function withdrawDeclined(tenant: Tenant, id: string): Promise<void> {
  const changed = await tenant("declined")
    .where({ studio_id: tenant.studioId, id })
    .update({ withdrawn_at: tenant.fn.now() });
  if (changed === 0) throw new NotFound(`nothing declined ${id}`);
}
