import { v7 as uuid } from "uuid";
import { erasureHolds, type Erasure } from "@/core/studio/client-whole";
import { serverWords } from "@/words/server";
import { actAs, inStudio, type Tenant } from "../db/tenant";
import { countsOf, hersOf, removeRowsOf, rowsOfClient } from "./client-rows";
import { studiosThatErase } from "./doors";
import { NotFound, Refusal } from "./refusal";

/** Photos are kept as they are, beside the other rows. */
const sealedRows = rowsOfClient.filter(({ table }) => table !== "photos");

/**
 * Erases a client: every row and photo of hers leaves its table at once, and what was written down of who changed them.
 * For an hour they lie sealed, to be brought back; nothing reads them but that.
 * @param typed her name, as somebody typed it to say that it is meant
 * @returns the id of the receipt
 * @throws NotFound; Refusal where another name was typed
 */
export async function eraseClient(
  tenant: Tenant,
  { id: clientId, typed }: { readonly id: string; readonly typed: string },
  userId: string,
): Promise<string> {
  const { studioId } = tenant;
  const client = await tenant("clients")
    .where({ studio_id: studioId, id: clientId })
    .forUpdate()
    .first("name");
  if (!client) throw new NotFound(`no client ${clientId}`);
  if (typed.trim() !== client.name) throw new Refusal("typed", serverWords.thisIsNotHerName);
  const id = uuid();
  const given = { studio: studioId, client: clientId, id };
  const counts = await countsOf(tenant, clientId);
  const parts = sealedRows.map(
    ({ table, hers }) => `'${table}', (
      select coalesce(jsonb_agg(to_jsonb(r)), '[]') from ${table} r where r.studio_id = :studio and ${hers})`,
  );
  await tenant.raw(
    `insert into erasures (studio_id, id, name, made_by, until, counts, sealed)
     values (:studio, :id, :name, :user, now() + make_interval(mins => :minutes), :counts, jsonb_build_object(${parts.join(", ")}))`,
    { ...given, name: client.name, user: userId, minutes: erasureHolds, counts: JSON.stringify(counts) },
  );
  await tenant.raw(
    `insert into erased_photos (studio_id, erasure_id, piece_id, stamp, picture, created_at)
     select r.studio_id, :id, r.piece_id, r.stamp, r.picture, r.created_at from photos r where r.studio_id = :studio and ${hersOf("photos")}`,
    given,
  );
  await removeRowsOf(tenant, clientId);
  // What removing them has written down goes with the rest.
  await tenant.raw("select forget_changes(?)", [id]);
  return id;
}

/**
 * Brings back a client who was erased less than an hour ago, with everything of hers as it was.
 * @returns her id
 * @throws NotFound; Refusal where the hour is over
 */
export async function undoErasure(tenant: Tenant, id: string): Promise<string> {
  const { studioId } = tenant;
  const { rows } = await tenant.raw<{ rows: { client: string; holds: boolean }[] }>(
    `select sealed -> 'clients' -> 0 ->> 'id' as client, sealed is not null and until > now() as holds
     from erasures where studio_id = ? and id = ? for update`,
    [studioId, id],
  );
  const [found] = rows;
  if (!found) throw new NotFound(`no erasure ${id}`);
  if (!found.holds) throw new Refusal("id", serverWords.theHourIsOver);
  for (const { table } of sealedRows)
    await tenant.raw(
      `insert into ${table} select line.* from erasures e, jsonb_populate_recordset(null::${table}, e.sealed -> '${table}') line
       where e.studio_id = :studio and e.id = :id ${stayed[table] ?? ""}`,
      { studio: studioId, id },
    );
  await tenant.raw(
    `insert into photos (studio_id, piece_id, stamp, picture, created_at)
     select studio_id, piece_id, stamp, picture, created_at from erased_photos where studio_id = ? and erasure_id = ?`,
    [studioId, id],
  );
  await tenant("erased_photos").where({ studio_id: studioId, erasure_id: id }).delete();
  await tenant("erasures")
    .where({ studio_id: studioId, id })
    .update({ undone_at: tenant.fn.now(), sealed: null });
  return found.client;
}

/** Pieces that others name have stayed, in the archive of the kit: they are hers again. */
const stayed: Partial<Record<string, string>> = {
  pieces:
    "on conflict (studio_id, id) do update set client_id = excluded.client_id, deleted_at = excluded.deleted_at",
  swatches: "on conflict do nothing",
};

/** The receipts of a studio, the newest first; what was taken back is not among them. */
export async function listErasures(tenant: Tenant): Promise<Erasure[]> {
  const rows = await tenant("erasures")
    .leftJoin("users", "users.id", "erasures.made_by")
    .where("erasures.studio_id", tenant.studioId)
    .whereNull("erasures.undone_at")
    .orderBy("erasures.made_at", "desc")
    .select<ReceiptRow[]>(
      "erasures.id",
      "erasures.name",
      "erasures.made_at",
      "erasures.until",
      "erasures.counts",
      "users.name as by",
      tenant.raw("erasures.until <= now() as over"),
    );
  return rows.map(({ made_at, until, over, name, ...row }) => ({
    ...row,
    name: over ? "" : name,
    madeAt: made_at.toISOString(),
    until: until.toISOString(),
    goneAt: over ? until.toISOString() : null,
  }));
}

interface ReceiptRow extends Pick<Erasure, "id" | "name" | "by" | "counts"> {
  readonly made_at: Date;
  readonly until: Date;
  readonly over: boolean;
}

/** Takes away for good what was erased an hour ago; gives back how many clients are gone now. */
export async function eraseForGood(tenant: Tenant): Promise<number> {
  const due = await tenant("erasures")
    .where({ studio_id: tenant.studioId })
    .whereNotNull("sealed")
    .where("until", "<=", tenant.fn.now())
    .select("id");
  const ids = due.map(({ id }) => id);
  await tenant("erased_photos").where({ studio_id: tenant.studioId }).whereIn("erasure_id", ids).delete();
  return tenant("erasures")
    .where({ studio_id: tenant.studioId })
    .whereIn("id", ids)
    .update({ name: "", gone_at: tenant.ref("until"), sealed: null });
}

/** The same in every studio where something is due. */
export async function eraseAllForGood(): Promise<void> {
  for (const studioId of await studiosThatErase())
    await inStudio(studioId, async (tenant) => {
      await actAs(tenant, "");
      await eraseForGood(tenant);
    });
}
