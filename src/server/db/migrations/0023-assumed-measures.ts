import type { Knex } from "knex";

/** Which measures of a piece came with what it was called and were not taken. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw("alter table pieces add column assumed text[] not null default '{}'");
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("alter table pieces drop column assumed");
}
