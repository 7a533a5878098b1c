import type { Knex } from "knex";

/** What was worn for an occasion is asked for on almost every page: it is looked up, not searched for among all looks. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(
    "create index looks_by_occasion on looks (studio_id, occasion_id, updated_at desc, id) where deleted_at is null",
  );
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("drop index looks_by_occasion");
}
