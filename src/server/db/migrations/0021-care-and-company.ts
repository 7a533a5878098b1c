import type { Knex } from "knex";

/** When a piece that is away comes back, what a piece needs first, and before whom an occasion is. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw("alter table pieces add column back_on date, add column needs text[] not null default '{}'");
  await knex.raw("alter table occasions add column company text not null default ''");
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("alter table pieces drop column back_on, drop column needs");
  await knex.raw("alter table occasions drop column company");
}
