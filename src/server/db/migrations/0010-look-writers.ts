import type { Knex } from "knex";

/**
 * A look tells by whom it was last kept, and how manieth time: a second page that kept it meanwhile is told from
 * an answer that got lost.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw("alter table looks add column writer uuid, add column turn integer not null default 0");
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("alter table looks drop column writer, drop column turn");
}
