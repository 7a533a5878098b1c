import { validate as isId } from "uuid";
import type { Adjustment } from "@/core/piece/adjustment";
import type { LookRecord } from "@/core/studio/look-record";
import type { AdjustmentRow, LookRow } from "../db/tables";
import type { Tenant } from "../db/tenant";
import { replaceList } from "./versioned";

/** The look last worked on for a client, or for one of the client's bases; null when there is none. */
export async function newestLook(
  tenant: Tenant,
  clientId: string,
  baseId: string | null,
): Promise<LookRecord | null> {
  const query = select(tenant).where("looks.client_id", clientId).orderBy("looks.updated_at", "desc");
  if (baseId !== null) void query.where("looks.base_id", baseId);
  const row = await query.first();
  return row ? fromRow(row) : null;
}

/** A client's kept looks, the newest first. */
export async function listLooks(tenant: Tenant, clientId: string, most: number): Promise<LookRecord[]> {
  const rows = await select(tenant)
    .where("looks.client_id", clientId)
    .orderBy("looks.updated_at", "desc")
    .limit(most);
  return rows.map(fromRow);
}

export async function findLook(tenant: Tenant, id: string): Promise<LookRecord | null> {
  if (!isId(id)) return null;
  const row = await select(tenant).where("looks.id", id).first();
  return row ? fromRow(row) : null;
}

/** Keeps a look under its id, whether it is new or was kept before: the last state wins. */
export async function keepLook(tenant: Tenant, look: LookRecord): Promise<void> {
  const { studioId } = tenant;
  const values = {
    client_id: look.clientId,
    base_id: look.baseId,
    occasion_id: look.occasionId,
    own_verdict: look.ownVerdict,
    read_verdict: look.read?.verdict ?? null,
    read_score: look.read?.score ?? null,
    rule_book_version: look.read?.ruleBookVersion ?? null,
  };
  await tenant("looks")
    .insert({ studio_id: studioId, id: look.id, ...values })
    .onConflict(["studio_id", "id"])
    .merge({ ...values, updated_at: tenant.fn.now(), version: tenant.raw("looks.version + 1") });
  await replaceList(tenant, "look_accessories", { look_id: look.id }, look.accessoryIds);
  await tenant("adjustments").where({ studio_id: studioId, look_id: look.id }).delete();
  if (look.adjustments.length === 0) return;
  await tenant("adjustments").insert(
    look.adjustments.map(({ kind, piece, ...settings }, position) => ({
      studio_id: studioId,
      look_id: look.id,
      position,
      piece_id: piece,
      kind,
      settings: JSON.stringify(settings),
    })),
  );
}

const accessoryIds = `(
  select coalesce(array_agg(g.piece_id order by g.position), '{}')
  from look_accessories g where g.studio_id = looks.studio_id and g.look_id = looks.id
) as piece_ids`;

const adjusted = `(
  select coalesce(json_agg(a order by a.position), '[]')
  from adjustments a where a.studio_id = looks.studio_id and a.look_id = looks.id
) as adjusted`;

type WornRow = LookRow & {
  readonly piece_ids: readonly string[];
  readonly adjusted: readonly AdjustmentRow[];
};

function select(tenant: Tenant) {
  return tenant("looks")
    .select<WornRow[]>("looks.*", tenant.raw(accessoryIds), tenant.raw(adjusted))
    .where("looks.studio_id", tenant.studioId);
}

function fromRow(row: WornRow): LookRecord {
  return {
    id: row.id,
    clientId: row.client_id,
    baseId: row.base_id,
    occasionId: row.occasion_id,
    accessoryIds: row.piece_ids,
    adjustments: row.adjusted.map(adjustmentOf),
    ownVerdict: row.own_verdict,
    read: readingOf(row),
  };
}

function readingOf({ read_verdict, read_score, rule_book_version }: LookRow): LookRecord["read"] {
  if (read_verdict === null || read_score === null || rule_book_version === null) return null;
  return { verdict: read_verdict, score: read_score, ruleBookVersion: rule_book_version };
}

/** A stored adjustment: its settings were checked by its own schema before they were written. */
function adjustmentOf({ kind, piece_id, settings }: AdjustmentRow): Adjustment {
  return { kind, piece: piece_id, ...settings } as Adjustment;
}

/** The studio's looks last worked on, the newest first, one for each base. */
export async function recentLooks(tenant: Tenant, most: number): Promise<LookRecord[]> {
  const newest = tenant("looks")
    .where("looks.studio_id", tenant.studioId)
    .distinctOn("looks.base_id")
    .orderBy([{ column: "looks.base_id" }, { column: "looks.updated_at", order: "desc" }])
    .select("looks.id");
  const rows = await select(tenant)
    .whereIn("looks.id", newest)
    .orderBy("looks.updated_at", "desc")
    .limit(most);
  return rows.map(fromRow);
}

/** The client whose look was last worked on; null when no look was kept yet. */
export async function clientOfNewestLook(tenant: Tenant): Promise<string | null> {
  const row = await tenant("looks")
    .where("studio_id", tenant.studioId)
    .orderBy("updated_at", "desc")
    .first("client_id");
  return row?.client_id ?? null;
}
