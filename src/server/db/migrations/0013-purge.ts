import type { Knex } from "knex";

/** What was put away may be purged after a time that the studio sets; as long as it sets none, never. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table studios add column purge_after_days integer check (purge_after_days > 0);
    create function studios_that_purge() returns table (studio_id uuid)
      language sql stable security definer set search_path = public
      as $$ select id from studios where purge_after_days is not null $$;
    revoke execute on function studios_that_purge() from public;
    grant execute on function studios_that_purge() to juxtane_app;
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("drop function studios_that_purge; alter table studios drop column purge_after_days");
}
