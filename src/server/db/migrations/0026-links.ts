import type { Knex } from "knex";
import { createTenantTable } from "../tenant-table";

/**
 * Private links: some looks of a client shown to whoever holds the link, with what she answers; and the letters that
 * would bring them, which wait in the outbox while there is no mail.
 */
export async function up(knex: Knex): Promise<void> {
  await createTenantTable(knex, {
    name: "links",
    columns: `
      id uuid not null,
      client_id uuid not null,
      token_hash text not null,
      greeting text not null,
      expires_at timestamptz not null,
      opened_at timestamptz,
      ended_at timestamptz,
      unique (studio_id, token_hash),
      foreign key (studio_id, client_id) references clients on delete cascade`,
  });
  await knex.raw("create index on links (studio_id, client_id)");
  await createTenantTable(knex, {
    name: "link_looks",
    key: ["link_id", "look_id"],
    columns: `
      link_id uuid not null,
      look_id uuid not null,
      place integer not null,
      answer text check (answer in ('yes', 'maybe', 'no')),
      words text not null default '',
      answered_at timestamptz,
      check ((answer is null) = (answered_at is null)),
      foreign key (studio_id, link_id) references links on delete cascade,
      foreign key (studio_id, look_id) references looks on delete cascade`,
  });
  await knex.raw("create index on link_looks (studio_id, look_id)");
  await knex.raw("create index on link_looks (studio_id, answered_at) where answered_at is not null");
  await createTenantTable(knex, {
    name: "outbox",
    key: ["link_id"],
    columns: `
      link_id uuid not null,
      recipient text not null,
      subject text not null,
      body text not null,
      path text not null,
      foreign key (studio_id, link_id) references links on delete cascade`,
  });
  await knex.raw(`
    -- Whoever holds a link belongs to no studio: which one it is of is asked as the owner, by the hash alone.
    create function link_by_token(given text) returns table (studio_id uuid, id uuid)
      language sql stable security definer set search_path = public
      as $$
        select l.studio_id, l.id from links l
        where l.token_hash = given and l.ended_at is null and l.expires_at > now()
      $$;
    revoke execute on function link_by_token(text) from public;
    grant execute on function link_by_token(text) to juxtane_app;
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("drop function link_by_token(text); drop table outbox, link_looks, links");
}
