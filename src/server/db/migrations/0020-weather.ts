import type { Knex } from "knex";

/** Occasions that take their weather from the forecast; that of those on record before was typed. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw("alter table occasions add column weather text not null default 'typed'");
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("alter table occasions drop column weather");
}
