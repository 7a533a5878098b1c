import type { OnRecord, ShownBefore, Upkeep } from "@/core/piece/on-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import type { Tenant } from "../db/tenant";
import { todayIn } from "./studio";
import { pieceLastWorn } from "./wears";

/** What is on record of the care and the wear of a client's pieces, and of which company saw which look. */
export async function onRecordOf(
  tenant: Tenant,
  clientId: string,
  pieces: readonly PieceRecord[],
): Promise<OnRecord> {
  const lastWorn = await pieceLastWorn(tenant, clientId);
  const kept = pieces.flatMap((record): [string, Upkeep][] => {
    const upkeep = upkeepOf(record, lastWorn[record.piece.id] ?? null);
    return upkeep ? [[record.piece.id, upkeep]] : [];
  });
  return {
    today: await todayIn(tenant),
    upkeep: Object.fromEntries(kept),
    shown: await shownTo(tenant, clientId),
  };
}

/** The same of several clients, by their ids. */
export async function onRecordOfEach(
  tenant: Tenant,
  clientIds: readonly string[],
  pieces: readonly PieceRecord[],
): Promise<Record<string, OnRecord>> {
  const found: Record<string, OnRecord> = {};
  for (const id of new Set(clientIds)) found[id] = await onRecordOf(tenant, id, pieces);
  return found;
}

/** What is known of a piece; null where nothing is. */
function upkeepOf({ state, backOn, needs }: PieceRecord, lastWorn: string | null): Upkeep | null {
  const away = state === "ready" ? null : state;
  if (!away && needs.length === 0 && lastWorn === null) return null;
  return { away, back: backOn, needs, lastWorn };
}

/** The look last worked on for each of a client's occasions that has a company, with all its pieces. */
async function shownTo(tenant: Tenant, clientId: string): Promise<ShownBefore[]> {
  const rows = await tenant("occasions")
    .join("looks", (on) =>
      on.on("looks.studio_id", "occasions.studio_id").andOn("looks.occasion_id", "occasions.id"),
    )
    .where("occasions.studio_id", tenant.studioId)
    .where("occasions.client_id", clientId)
    .whereNot("occasions.company", "")
    .whereNull("occasions.deleted_at")
    .whereNull("looks.deleted_at")
    .distinctOn("occasions.id")
    .orderBy([{ column: "occasions.id" }, { column: "looks.updated_at", order: "desc" }])
    .select<ShownBefore[]>(
      "occasions.company",
      "occasions.name as occasion",
      "occasions.day",
      tenant.raw(`(
        select coalesce(array_agg(p.piece_id), '{}') from (
          select piece_id from look_accessories a where a.studio_id = looks.studio_id and a.look_id = looks.id
          union all
          select piece_id from base_garments b where b.studio_id = looks.studio_id and b.base_id = looks.base_id
        ) p
      ) as pieces`),
    );
  return rows;
}
