import { validate as isId } from "uuid";
import { putAwayKinds, type PutAwayKind, type PutAwayRecord } from "@/core/studio/put-away";
import type { Tenant } from "../db/tenant";
import { bringBack, type KeptTable } from "./versioned";

/** Where each kind lies, what it is called there, and what names the client it is of, as SQL. */
const shelves: Readonly<
  Record<PutAwayKind, { readonly table: KeptTable; readonly name: string; readonly client: string }>
> = {
  client: { table: "clients", name: "r.name", client: "null::uuid" },
  piece: { table: "pieces", name: "r.name", client: "r.client_id" },
  base: { table: "bases", name: "r.name", client: "r.client_id" },
  set: { table: "sets", name: "r.name", client: "r.client_id" },
  occasion: { table: "occasions", name: "r.name", client: "r.client_id" },
  look: {
    table: "looks",
    name: `coalesce(nullif(r.name, ''), 'a look of ' || (
      select b.name from bases b where b.studio_id = r.studio_id and b.id = r.base_id))`,
    client: "r.client_id",
  },
  "missing piece": { table: "gaps", name: "r.colour || ' ' || r.form", client: "r.client_id" },
  template: { table: "set_templates", name: "r.name", client: "null::uuid" },
};

/** How many are listed: of very many those put away last. */
const most = 500;

interface AwayRow {
  readonly kind: PutAwayKind;
  readonly id: string;
  readonly name: string;
  readonly client: string | null;
  readonly deleted_at: Date;
}

/** What was put away, the last first. */
export async function listPutAway(tenant: Tenant): Promise<PutAwayRecord[]> {
  const parts = putAwayKinds.map((kind) => {
    const { table, name, client } = shelves[kind];
    return `
      select '${kind}' as kind, r.id, ${name} as name, c.name as client, r.deleted_at
      from ${table} r left join clients c on c.studio_id = r.studio_id and c.id = ${client}
      where r.studio_id = :studio and r.deleted_at is not null`;
  });
  const { rows } = await tenant.raw<{ rows: AwayRow[] }>(
    `${parts.join(" union all ")} order by deleted_at desc, id limit :most`,
    { studio: tenant.studioId, most },
  );
  return rows.map(({ deleted_at, ...row }) => ({ ...row, at: deleted_at.toISOString() }));
}

/** Brings one record back. @throws NotFound */
export async function bringBackOne(
  tenant: Tenant,
  { kind, id }: Pick<PutAwayRecord, "kind" | "id">,
): Promise<void> {
  await bringBack(tenant, shelves[kind].table, id);
}

/** Whether a piece was put away. */
export async function isPieceAway(tenant: Tenant, id: string): Promise<boolean> {
  if (!isId(id)) return false;
  const row = await tenant("pieces")
    .where({ studio_id: tenant.studioId, id })
    .whereNotNull("deleted_at")
    .first("id");
  return row !== undefined;
}
