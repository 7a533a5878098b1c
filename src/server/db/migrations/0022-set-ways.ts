import type { Knex } from "knex";

/** A set keeps how its pieces are worn, of which the ties of its scarf are some. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw("alter table sets rename column ties to ways");
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("alter table sets rename column ways to ties");
}
