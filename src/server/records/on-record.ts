import type { OnRecord, ShownBefore, Upkeep } from "@/core/piece/on-record";
import type { PieceRecord } from "@/core/studio/piece-record";
import type { Tenant } from "../db/tenant";
import { todayIn } from "./studio";
import { lastWornOfEach } from "./wears";

/** What is on record of the care and the wear of a client's pieces, and of which company saw which look. */
export async function onRecordOf(
  tenant: Tenant,
  clientId: string,
  pieces: readonly PieceRecord[],
): Promise<OnRecord> {
  const found = (await onRecordOfEach(tenant, [clientId], pieces))[clientId];
  return found ?? { today: await todayIn(tenant), upkeep: {}, shown: [] };
}

/** The same of several clients, by their ids. */
export async function onRecordOfEach(
  tenant: Tenant,
  clientIds: readonly string[],
  pieces: readonly PieceRecord[],
): Promise<Record<string, OnRecord>> {
  const ids = [...new Set(clientIds)];
  const today = await todayIn(tenant);
  const lastWorn = await lastWornOfEach(tenant, ids);
  const shown = await shownOfEach(tenant, ids);
  const of = (id: string): OnRecord => {
    const days = new Map(lastWorn.flatMap((row) => (row.client_id === id ? [[row.piece_id, row.day]] : [])));
    const kept = pieces.flatMap((record): [string, Upkeep][] => {
      const upkeep = upkeepOf(record, days.get(record.piece.id) ?? null);
      return upkeep ? [[record.piece.id, upkeep]] : [];
    });
    const own = shown.flatMap(({ client_id: of, ...each }) => (of === id ? [each] : []));
    return { today, upkeep: Object.fromEntries(kept), shown: own };
  };
  return Object.fromEntries(ids.map((id) => [id, of(id)]));
}

/** What is known of a piece; null where nothing is. */
function upkeepOf({ state, backOn, needs }: PieceRecord, lastWorn: string | null): Upkeep | null {
  const away = state === "ready" ? null : state;
  if (!away && needs.length === 0 && lastWorn === null) return null;
  return { away, back: backOn, needs, lastWorn };
}

/** The look last worked on for each occasion of some clients that has a company, with all its pieces. */
async function shownOfEach(
  tenant: Tenant,
  clientIds: readonly string[],
): Promise<(ShownBefore & { readonly client_id: string })[]> {
  return await tenant("occasions")
    .join("looks", (on) =>
      on.on("looks.studio_id", "occasions.studio_id").andOn("looks.occasion_id", "occasions.id"),
    )
    .where("occasions.studio_id", tenant.studioId)
    .whereIn("occasions.client_id", [...clientIds])
    .whereNot("occasions.company", "")
    .whereNull("occasions.deleted_at")
    .whereNull("looks.deleted_at")
    .distinctOn("occasions.id")
    .orderBy([{ column: "occasions.id" }, { column: "looks.updated_at", order: "desc" }])
    .select<(ShownBefore & { readonly client_id: string })[]>(
      "occasions.client_id",
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
}
