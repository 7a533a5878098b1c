import { needsRest, type ShownBefore } from "@/core/piece/on-record";
import type { RecordOfEach } from "@/core/studio/on-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import type { Tenant } from "../db/tenant";
import { ofOccasion } from "./looks";
import { todayIn } from "./studio";
import { lastWornOfEach } from "./wears";

/**
 * What is on record of some clients beside their pieces: which company saw which look, and when pieces were worn.
 * @param pieces of which it is asked when they were worn
 */
export async function recordOfEach(
  tenant: Tenant,
  clientIds: readonly string[],
  pieces: readonly PieceRecord[],
): Promise<RecordOfEach> {
  const asked = new Set(pieces.map(({ piece }) => piece.id));
  const ids = [...new Set(clientIds)];
  const lastWorn: Record<string, string> = {};
  for (const { piece_id: id, day } of await lastWornOfEach(tenant, ids))
    if (asked.has(id) && day > (lastWorn[id] ?? "")) lastWorn[id] = day;
  const shown: Record<string, ShownBefore[]> = {};
  for (const { client_id: id, ...each } of await shownOfEach(tenant, ids)) (shown[id] ??= []).push(each);
  return { today: await todayIn(tenant), lastWorn, shown };
}

/** The look last worked on for each occasion of some clients that has a company, with all its pieces. */
async function shownOfEach(
  tenant: Tenant,
  clientIds: readonly string[],
): Promise<(ShownBefore & { readonly client_id: string })[]> {
  // Of many looks for an occasion one counts: what it is made of is asked of that one alone.
  const newest = ofOccasion(
    tenant("looks").select("looks.studio_id", "looks.id as look_id", "looks.base_id"),
  );
  return await tenant("occasions")
    .crossJoin(tenant.raw("lateral ? as shown", [newest]))
    .where("occasions.studio_id", tenant.studioId)
    .whereIn("occasions.client_id", [...clientIds])
    .whereNot("occasions.company", "")
    .whereNull("occasions.deleted_at")
    .orderBy("occasions.id")
    .select<(ShownBefore & { readonly client_id: string })[]>(
      "occasions.client_id",
      "occasions.company",
      "occasions.name as occasion",
      "occasions.day",
      tenant.raw(`(
        select coalesce(array_agg(p.piece_id), '{}') from (
          select piece_id from look_accessories a where a.studio_id = shown.studio_id and a.look_id = shown.look_id
          union all
          select piece_id from base_garments b where b.studio_id = shown.studio_id and b.base_id = shown.base_id
        ) p
      ) as pieces`),
    );
}

/** The pieces that want a day between two wears. */
export function resting(pieces: readonly PieceRecord[]): PieceRecord[] {
  return pieces.filter(({ piece }) => needsRest(piece));
}
