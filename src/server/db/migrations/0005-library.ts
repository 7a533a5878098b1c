import type { Knex } from "knex";
import { thisStudio } from "../tenant-table";

/**
 * The library of sets: retired ones, the days on which a set was worn, the studio's own templates, and the
 * missing pieces kept for a client.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table sets add column retired_at timestamptz;

    create table wears (
      studio_id uuid not null,
      id uuid not null,
      client_id uuid not null,
      set_id uuid not null,
      worn_on date not null,
      created_at timestamptz not null default now(),
      deleted_at timestamptz,
      primary key (studio_id, id),
      foreign key (studio_id, client_id) references clients,
      foreign key (studio_id, set_id) references sets
    );
    create index on wears (studio_id, client_id, set_id, worn_on desc) where deleted_at is null;

    create table set_templates (
      studio_id uuid not null references studios,
      id uuid not null,
      name text not null,
      level_from double precision not null,
      level_to double precision not null,
      for_rain boolean not null,
      wanted text[] not null,
      optional text[] not null,
      version integer not null default 1,
      created_at timestamptz not null default now(),
      updated_at timestamptz not null default now(),
      deleted_at timestamptz,
      primary key (studio_id, id)
    );

    create table gaps (
      studio_id uuid not null,
      id uuid not null,
      client_id uuid not null,
      form text not null,
      colour text not null,
      finish text not null,
      level double precision not null,
      metal text not null,
      opens text[] not null,
      note text not null,
      budget numeric(10, 2),
      version integer not null default 1,
      created_at timestamptz not null default now(),
      updated_at timestamptz not null default now(),
      deleted_at timestamptz,
      primary key (studio_id, id),
      foreign key (studio_id, client_id) references clients
    );
    create index on gaps (studio_id, client_id) where deleted_at is null;
  `);
  for (const table of ["wears", "set_templates", "gaps"])
    await knex.raw(`
      alter table ${table} enable row level security;
      create policy studio on ${table} using (studio_id = ${thisStudio}) with check (studio_id = ${thisStudio});
      grant select, insert, update, delete on ${table} to juxtane_app;
    `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("drop table gaps, set_templates, wears; alter table sets drop column retired_at;");
}
