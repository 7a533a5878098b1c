import { putAwayKinds, type PutAwayKind } from "@/core/studio/put-away";
import { actAs, inStudio, type Tenant } from "../db/tenant";
import { removeRowsOf } from "./client-rows";
import { studiosThatPurge } from "./doors";

/**
 * How the rows of each kind go that were put away before a moment, as SQL: only those that nothing which is kept still
 * names. What belongs to a row goes with it.
 */
const purges: Readonly<Record<Exclude<PutAwayKind, "client">, readonly string[]>> = {
  look: ["delete from looks r where :due"],
  "missing piece": ["delete from gaps r where :due"],
  template: ["delete from set_templates r where :due"],
  set: [
    "delete from wears w using sets r where w.studio_id = r.studio_id and w.set_id = r.id and :due",
    "delete from sets r where :due",
  ],
  occasion: [
    "delete from occasions r where :due and not exists (select 1 from looks l where l.studio_id = r.studio_id and l.occasion_id = r.id)",
  ],
  base: [
    "delete from bases r where :due and not exists (select 1 from looks l where l.studio_id = r.studio_id and l.base_id = r.id)",
  ],
  piece: [
    `delete from pieces r where :due and not exists (
       select 1 from base_garments g where g.studio_id = r.studio_id and g.piece_id = r.id union all
       select 1 from set_accessories g where g.studio_id = r.studio_id and g.piece_id = r.id union all
       select 1 from look_accessories g where g.studio_id = r.studio_id and g.piece_id = r.id union all
       select 1 from adjustments g where g.studio_id = r.studio_id and g.piece_id = r.id)`,
  ],
};

/** What names others goes before what is named. */
const order: readonly (keyof typeof purges)[] = [
  "look",
  "missing piece",
  "template",
  "set",
  "occasion",
  "base",
  "piece",
];

/** Purges what was put away longer ago than the studio has set; gives back how many rows of each kind went. */
export async function purge(tenant: Tenant): Promise<Readonly<Record<PutAwayKind, number>>> {
  const due = `r.studio_id = :studio and r.deleted_at < now() - (
    select make_interval(days => purge_after_days) from studios where id = :studio)`;
  const counts = Object.fromEntries(putAwayKinds.map((kind) => [kind, 0])) as Record<PutAwayKind, number>;
  for (const kind of order)
    for (const statement of purges[kind]) {
      const { rowCount } = await tenant.raw<{ rowCount: number }>(statement.replace(":due", due), {
        studio: tenant.studioId,
      });
      // The last statement of a kind is the one that takes its own rows.
      counts[kind] = rowCount;
    }
  const clients = await tenant.raw<{ rows: { id: string }[] }>(`select r.id from clients r where ${due}`, {
    studio: tenant.studioId,
  });
  for (const { id } of clients.rows) await removeRowsOf(tenant, id);
  return { ...counts, client: clients.rows.length };
}

/** Purges every studio that has set a time for it, one after another. */
export async function purgeAll(): Promise<void> {
  for (const studioId of await studiosThatPurge())
    await inStudio(studioId, async (tenant) => {
      // Nobody does it: it is written down as the studio's own doing.
      await actAs(tenant, "");
      await purge(tenant);
    });
}
