import type { Knex } from "knex";
import { thisStudio } from "../tenant-table";

/**
 * The looks last worked on have an index of their own, and so has what was put away. Pieces are found by any part of
 * their words through an index of trigrams: the row-level policy lets no pattern reach an index, since an operator of
 * patterns might tell of rows that it must not see, so the look-up is a function of the owner's that names the studio
 * itself, and gives back nothing but ids of the studio of the transaction.
 *
 * The extensions stand in a schema of their own: a restore sets the schema of the records aside as a whole.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create index looks_by_time on looks (studio_id, updated_at desc, id) where deleted_at is null;
    create index pieces_put_away on pieces (studio_id, deleted_at) where deleted_at is not null;
    create index looks_put_away on looks (studio_id, deleted_at) where deleted_at is not null;
    create schema if not exists extensions;
    create extension if not exists pg_trgm with schema extensions;
    create extension if not exists btree_gin with schema extensions;
    create index pieces_by_words on pieces using gin
      (studio_id extensions.uuid_ops, words extensions.gin_trgm_ops) where deleted_at is null;
    create function pieces_with(like_this text) returns setof uuid
      language sql stable security definer set search_path = public rows 500
      as $$
        select id from pieces where studio_id = ${thisStudio} and deleted_at is null and words like like_this
      $$;
    revoke execute on function pieces_with(text) from public;
    grant execute on function pieces_with(text) to juxtane_app;
  `);
}

export async function down(knex: Knex): Promise<void> {
  // The extensions stay: they hold nothing, and another table may use them.
  await knex.raw(
    "drop function pieces_with(text); drop index pieces_by_words; drop index looks_by_time; drop index pieces_put_away; drop index looks_put_away",
  );
}
