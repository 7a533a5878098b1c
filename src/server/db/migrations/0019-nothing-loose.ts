import type { Knex } from "knex";

/** Clients who may wear nothing that hangs loose; of those on record before, nobody has said so. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw("alter table clients add column nothing_loose boolean not null default false");
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("alter table clients drop column nothing_loose");
}
