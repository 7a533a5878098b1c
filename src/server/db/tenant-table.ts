import type { Knex } from "knex";

/** The studio of the transaction, as its first statement set it. */
export const thisStudio = "nullif(current_setting('app.studio_id', true), '')::uuid";

interface TenantTable {
  readonly name: string;
  /** Its own columns and constraints, as SQL. */
  readonly columns: string;
  /** What names a row within its studio. */
  readonly key?: readonly string[];
  /** Rows are changed by several people: a version tells a write that came too late. */
  readonly versioned?: boolean;
  /** Rows are put away, and can be brought back, rather than deleted. */
  readonly keepsDeleted?: boolean;
}

/**
 * Makes a table whose rows belong to a studio: the studio's id heads its key, row-level security keeps every
 * row with its studio, and the application may read and write it.
 */
export async function createTenantTable(
  knex: Knex,
  { name, columns, key = ["id"], versioned = false, keepsDeleted = false }: TenantTable,
): Promise<void> {
  const parts = [
    "studio_id uuid not null references studios",
    columns,
    "created_at timestamptz not null default now()",
    ...(versioned
      ? ["version integer not null default 1", "updated_at timestamptz not null default now()"]
      : []),
    ...(keepsDeleted ? ["deleted_at timestamptz"] : []),
    `primary key (${["studio_id", ...key].join(", ")})`,
  ];
  await knex.raw(`create table ${name} (${parts.join(", ")})`);
  await knex.raw(`
    alter table ${name} enable row level security;
    create policy studio on ${name} using (studio_id = ${thisStudio}) with check (studio_id = ${thisStudio});
    grant select, insert, update, delete on ${name} to juxtane_app;
  `);
}
