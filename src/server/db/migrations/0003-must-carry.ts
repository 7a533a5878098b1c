import type { Knex } from "knex";

/** What must be carried to an occasion. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw("alter table occasions add column must_carry text[] not null default '{}'");
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("alter table occasions drop column must_carry");
}
