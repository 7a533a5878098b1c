import type { Knex } from "knex";
import { thisStudio } from "../tenant-table";

/**
 * What a client asks for and never wears; the studio's own rule book and every version of a client's; the
 * findings that were overruled, with reasons; and what a kept look was read as, by which version.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table clients add column never_colours text[] not null default '{}',
      add column longer_leg_line boolean not null default false,
      add column more_waist boolean not null default false,
      add column bag_lands text;
    alter table studios add column rule_book jsonb;
    alter table looks add column read_verdict text check (read_verdict in ('sings', 'sits', 'jars')),
      add column read_score real,
      add column rule_book_version integer;

    create table rule_book_versions (
      studio_id uuid not null,
      client_id uuid not null,
      version integer not null,
      rule_book jsonb not null,
      made_at timestamptz not null default now(),
      primary key (studio_id, client_id, version),
      foreign key (studio_id, client_id) references clients
    );
    insert into rule_book_versions (studio_id, client_id, version, rule_book)
      select studio_id, id, 1, rule_book from clients;

    create table overrulings (
      studio_id uuid not null,
      id uuid not null,
      client_id uuid not null,
      look_id uuid,
      rule text not null,
      effect text not null,
      piece_ids uuid[] not null,
      reason text not null,
      made_at timestamptz not null default now(),
      withdrawn_at timestamptz,
      primary key (studio_id, id),
      foreign key (studio_id, client_id) references clients
    );
    create index on overrulings (studio_id, client_id, made_at desc);
  `);
  for (const table of ["rule_book_versions", "overrulings"])
    await knex.raw(`
      alter table ${table} enable row level security;
      create policy studio on ${table} using (studio_id = ${thisStudio}) with check (studio_id = ${thisStudio});
      grant select, insert, update, delete on ${table} to juxtane_app;
    `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    drop table overrulings, rule_book_versions;
    alter table looks drop column read_verdict, drop column read_score, drop column rule_book_version;
    alter table studios drop column rule_book;
    alter table clients drop column never_colours, drop column longer_leg_line, drop column more_waist,
      drop column bag_lands;
  `);
}
