import type { Knex } from "knex";

/** How the scarf of a set is tied: adjustments of its pieces, as looks have them. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw("alter table sets add column ties jsonb not null default '[]'");
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("alter table sets drop column ties");
}
