import type { Knex } from "knex";
import { validate as isId } from "uuid";
import type { Adjustment } from "@/core/piece/adjustment";
import type { LookRecord, LookToKeep } from "@/core/studio/look-record";
import { serverWords } from "@/words/server";
import type { AdjustmentRow, LookRow } from "../db/work-rows";
import type { Tenant } from "../db/tenant";
import { addSteps } from "./look-steps";
import { refuseStrangePieces } from "./own-pieces";
import { Refusal, StaleWrite } from "./refusal";
import { bringBack, putAway, replaceList } from "./versioned";

/** A client's kept looks, the newest first. */
export async function listLooks(tenant: Tenant, clientId: string, most: number): Promise<LookRecord[]> {
  const rows = await select(tenant)
    .where("looks.client_id", clientId)
    .orderBy("looks.updated_at", "desc")
    .limit(most);
  return rows.map(fromRow);
}

/** Looks by their ids, in the order of these; what was put away is left out. */
export async function looksById(tenant: Tenant, ids: readonly string[]): Promise<LookRecord[]> {
  const rows = await select(tenant).whereIn("looks.id", [...ids]);
  const found = new Map(rows.map((row) => [row.id, fromRow(row)]));
  return ids.flatMap((id) => found.get(id) ?? []);
}

export async function findLook(tenant: Tenant, id: string): Promise<LookRecord | null> {
  if (!isId(id)) return null;
  const row = await select(tenant).where("looks.id", id).first();
  return row ? fromRow(row) : null;
}

/**
 * Keeps a look under its id, whether it is new or was kept before, and all its steps.
 * @returns its version now
 * @throws StaleWrite when another page has kept it since the version it builds on; Refusal when it names what is not
 * its client's
 */
export async function keepLook(tenant: Tenant, look: LookToKeep): Promise<number> {
  const { studioId } = tenant;
  const key = { studio_id: studioId, id: look.id };
  const row = await tenant("looks").where(key).forUpdate().first("client_id", "version", "writer", "turn");
  if (row?.writer === look.writer && look.turn <= row.turn) return row.version;
  if (row && row.client_id !== look.clientId) throw new Refusal("clientId", serverWords.thisLookIsOnRecord);
  if (row && !buildsOn(look, row)) throw new StaleWrite(row);
  await refuseStrangers(tenant, look);
  const version = (row?.version ?? 0) + 1;
  const values = { ...lookRow(look), writer: look.writer, turn: look.turn, version };
  if (row)
    await tenant("looks")
      .where(key)
      .update({ ...values, updated_at: tenant.fn.now() });
  else await tenant("looks").insert({ ...key, ...values });
  await addSteps(tenant, look.id, look.newSteps);
  await replaceList(tenant, "look_accessories", { look_id: look.id }, look.accessoryIds);
  await tenant("adjustments").where({ studio_id: studioId, look_id: look.id }).delete();
  if (look.adjustments.length > 0) await tenant("adjustments").insert(adjustmentRows(tenant, look));
  return version;
}

/** What is written of a look in its own row, beside what names it and who sent it. */
export function lookRow(look: Omit<LookRecord, "version">) {
  return {
    client_id: look.clientId,
    base_id: look.baseId,
    occasion_id: look.occasionId,
    name: look.name,
    note: look.note,
    step_id: look.stepId,
    own_verdict: look.ownVerdict,
    read_verdict: look.read?.verdict ?? null,
    read_score: look.read?.score ?? null,
    rule_book_version: look.read?.ruleBookVersion ?? null,
  };
}

/** How a look's pieces are worn, as rows in their order. */
export function adjustmentRows(tenant: Tenant, look: Pick<LookRecord, "id" | "adjustments">) {
  return look.adjustments.map(({ kind, piece, ...settings }, position) => ({
    studio_id: tenant.studioId,
    look_id: look.id,
    position,
    piece_id: piece,
    kind,
    settings: JSON.stringify(settings),
  }));
}

/** Whether a look builds on what stands on record: on that version, or on what its own page sent last. */
function buildsOn(look: LookToKeep, row: Pick<LookRow, "version" | "writer" | "turn">): boolean {
  return (
    row.version === look.version ||
    row.writer === look.writer ||
    look.unheard.some(({ writer, turn }) => writer === row.writer && row.turn <= turn)
  );
}

/**
 * A look names a base and an occasion of its client, and pieces of hers or of the kit; those that it had already
 * may have gone to somebody else since. @throws Refusal
 */
async function refuseStrangers(tenant: Tenant, look: LookToKeep): Promise<void> {
  const { studioId } = tenant;
  const ofClient = { studio_id: studioId, client_id: look.clientId };
  const base = await tenant("bases")
    .where({ ...ofClient, id: look.baseId })
    .first("id");
  if (!base) throw new Refusal("baseId", serverWords.theBaseOfThisLook);
  if (look.occasionId !== null) {
    const occasion = await tenant("occasions")
      .where({ ...ofClient, id: look.occasionId })
      .first("id");
    if (!occasion) throw new Refusal("occasionId", serverWords.theOccasionOfThisLook);
  }
  const worn = [...look.accessoryIds, ...look.adjustments.map(({ piece }) => piece)];
  const ofLook = { studio_id: studioId, look_id: look.id };
  const before = [
    ...(await tenant("look_accessories").where(ofLook).select("piece_id")),
    ...(await tenant("adjustments").where(ofLook).select("piece_id")),
  ];
  const had = new Set(before.map(({ piece_id }) => piece_id));
  await refuseStrangePieces(
    tenant,
    look.clientId,
    worn.filter((id) => !had.has(id)),
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

function selectAll(tenant: Tenant) {
  return tenant("looks")
    .select<WornRow[]>("looks.*", tenant.raw(accessoryIds), tenant.raw(adjusted))
    .where("looks.studio_id", tenant.studioId);
}

function select(tenant: Tenant) {
  return selectAll(tenant).whereNull("looks.deleted_at");
}

/** Every look of a client, put away or not, in the order in which they were begun. */
export async function everyLookOf(tenant: Tenant, clientId: string) {
  const rows = await selectAll(tenant)
    .where("looks.client_id", clientId)
    .orderBy(["looks.created_at", "looks.id"]);
  return rows.map((row) => ({ record: fromRow(row), keptAt: row.updated_at, putAwayAt: row.deleted_at }));
}

export const putLookAway = (tenant: Tenant, id: string) => putAway(tenant, "looks", id);
export const bringLookBack = (tenant: Tenant, id: string) => bringBack(tenant, "looks", id);

function fromRow(row: WornRow): LookRecord {
  return {
    id: row.id,
    clientId: row.client_id,
    baseId: row.base_id,
    occasionId: row.occasion_id,
    version: row.version,
    name: row.name,
    note: row.note,
    stepId: row.step_id,
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
  const newer = tenant({ newer: "looks" })
    .where("newer.studio_id", tenant.studioId)
    .whereNull("newer.deleted_at")
    .whereRaw("(newer.client_id, newer.base_id) = (looks.client_id, looks.base_id)")
    .whereRaw("(newer.updated_at, newer.id) > (looks.updated_at, looks.id)")
    .select("newer.id");
  const rows = await select(tenant)
    .whereNotExists(newer)
    .orderBy([{ column: "looks.updated_at", order: "desc" }, { column: "looks.id" }])
    .limit(most);
  return rows.map(fromRow);
}

/** Of looks the one last worked on for an occasion, within a query of occasions. */
export function ofOccasion<Query extends Knex.QueryBuilder>(looks: Query): Query {
  void looks
    .whereRaw("looks.studio_id = occasions.studio_id and looks.occasion_id = occasions.id")
    .whereNull("looks.deleted_at")
    .orderBy([{ column: "looks.updated_at", order: "desc" }, { column: "looks.id" }])
    .limit(1);
  return looks;
}

/** The look last worked on for each of some occasions, in the order of their ids. */
export async function newestLooksFor(tenant: Tenant, occasionIds: readonly string[]): Promise<LookRecord[]> {
  const newest = ofOccasion(select(tenant));
  const rows = await tenant("occasions")
    .crossJoin(tenant.raw("lateral ? as newest", [newest]))
    .where("occasions.studio_id", tenant.studioId)
    .whereIn("occasions.id", [...occasionIds])
    .orderBy("occasions.id")
    .select<WornRow[]>("newest.*");
  return rows.map(fromRow);
}

/** The client whose look was last worked on; null when no look was kept yet. */
export async function clientOfNewestLook(tenant: Tenant): Promise<string | null> {
  const row = await tenant("looks")
    .where("studio_id", tenant.studioId)
    .whereNull("deleted_at")
    .orderBy("updated_at", "desc")
    .first("client_id");
  return row?.client_id ?? null;
}
