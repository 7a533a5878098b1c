import type { Knex } from "knex";
import { createTenantTable } from "../tenant-table";

/**
 * Erasing a client: her rows leave their tables at once and lie sealed under the receipt for as long as that can be
 * taken back; then the receipt stays, without her name.
 */
export async function up(knex: Knex): Promise<void> {
  await createTenantTable(knex, {
    name: "erasures",
    columns: `
      id uuid not null,
      name text not null,
      made_at timestamptz not null default now(),
      made_by uuid,
      until timestamptz not null,
      gone_at timestamptz,
      undone_at timestamptz,
      counts jsonb not null,
      -- By table, in the order in which they can be written again; null once they are gone or back.
      sealed jsonb,
      check ((gone_at is null and undone_at is null) = (sealed is not null))`,
  });
  await createTenantTable(knex, {
    name: "erased_photos",
    key: ["erasure_id", "piece_id"],
    columns: `
      erasure_id uuid not null,
      piece_id uuid not null,
      stamp text not null,
      picture bytea not null,
      foreign key (studio_id, erasure_id) references erasures on delete cascade`,
  });
  await knex.raw(`
    create index on erasures (studio_id, until) where sealed is not null;

    -- What was written down of who changed her rows names her too. The application may not touch that record: it may
    -- have forgotten what it has sealed, and nothing else.
    create function forget_changes(erasure uuid) returns void
      language sql security definer set search_path = public
      as $$
        delete from changes c
        using erasures e, jsonb_each(e.sealed) sealed, jsonb_array_elements(sealed.value) line
        where e.id = erasure and e.studio_id = nullif(current_setting('app.studio_id', true), '')::uuid
          and c.studio_id = e.studio_id and c.record_id = line ->> 'id'
      $$;
    create function studios_that_erase() returns table (studio_id uuid)
      language sql stable security definer set search_path = public
      as $$ select distinct e.studio_id from erasures e where e.sealed is not null and e.until <= now() $$;
    revoke execute on function forget_changes(uuid), studios_that_erase() from public;
    grant execute on function forget_changes(uuid), studios_that_erase() to juxtane_app;
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(
    "drop function forget_changes(uuid), studios_that_erase(); drop table erased_photos, erasures",
  );
}
