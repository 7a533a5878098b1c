import type { Knex } from "knex";

/** What a piece is made of; of those on record before, nobody has said yet. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw("alter table pieces add column cloth text");
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("alter table pieces drop column cloth");
}
