import type { Knex } from "knex";

/** How a client's hair is worn, for the drawing; of those on record before, nobody has said yet. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw("alter table clients add column hair_form text");
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("alter table clients drop column hair_form");
}
