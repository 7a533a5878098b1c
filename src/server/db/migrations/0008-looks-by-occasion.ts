import type { Knex } from "knex";
import { createTenantTable } from "../tenant-table";

/**
 * A base may have several looks for one occasion: they have names and notes, are put away, and keep every step
 * that was made of them.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table looks add column name text not null default '',
      add column note text not null default '',
      add column step_id uuid,
      add column deleted_at timestamptz;
  `);
  await createTenantTable(knex, {
    name: "look_steps",
    columns: `
      id uuid not null,
      look_id uuid not null,
      after uuid,
      taken_at timestamptz not null,
      accessory_ids uuid[] not null,
      adjustments jsonb not null,
      own_verdict text check (own_verdict in ('sings', 'sits', 'jars')),
      foreign key (studio_id, look_id) references looks on delete cascade`,
  });
  await knex.raw("create index on look_steps (studio_id, look_id, taken_at)");
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    drop table look_steps;
    alter table looks drop column name, drop column note, drop column step_id, drop column deleted_at;
  `);
}
