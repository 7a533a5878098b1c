import type { Knex } from "knex";
import { thisStudio } from "../tenant-table";

/** Tables that belong to a studio: each row names it, and row-level security keeps it there. */
const tenantTables = [
  "clients",
  "measurements",
  "pieces",
  "swatches",
  "bases",
  "base_garments",
  "sets",
  "set_accessories",
  "occasions",
  "looks",
  "look_accessories",
  "adjustments",
];

const house = `
create table studios (
  id uuid primary key,
  name text not null,
  length_unit text not null default 'cm' check (length_unit in ('cm', 'in')),
  created_at timestamptz not null default now()
);

create table users (
  id uuid primary key,
  email text not null unique,
  name text not null,
  password_hash text not null,
  created_at timestamptz not null default now()
);

create table memberships (
  studio_id uuid not null references studios,
  user_id uuid not null references users,
  role text not null check (role in ('owner', 'stylist', 'assistant')),
  primary key (studio_id, user_id)
);

create table sign_in_attempts (
  key text primary key,
  points integer not null default 0,
  expire bigint
);

create table clients (
  studio_id uuid not null references studios,
  id uuid not null,
  name text not null,
  skin text not null,
  hair text not null,
  eyes text not null,
  undertone text not null,
  heel_limit real,
  no_leather boolean not null,
  covered_shoulders boolean not null,
  covered_ankles boolean not null,
  nickel_allergy boolean not null,
  clip_earrings boolean not null,
  rule_book jsonb not null,
  notes text not null default '',
  version integer not null default 1,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  deleted_at timestamptz,
  primary key (studio_id, id)
);

create table measurements (
  studio_id uuid not null,
  id uuid not null,
  client_id uuid not null,
  name text not null,
  cm double precision,
  taken_at timestamptz not null default clock_timestamp(),
  primary key (studio_id, id),
  foreign key (studio_id, client_id) references clients
);
create index on measurements (studio_id, client_id, name, taken_at desc);

create table pieces (
  studio_id uuid not null references studios,
  id uuid not null,
  client_id uuid,
  kind text not null,
  name text not null,
  finish text not null,
  second_finish text,
  pattern text not null,
  pattern_scale double precision not null,
  metal text not null,
  metal_size smallint not null,
  poles text[] not null,
  statement smallint not null,
  register_low double precision not null,
  register_centre double precision not null,
  register_high double precision not null,
  figures jsonb not null,
  state text not null default 'ready' check (state in ('ready', 'in care', 'on loan')),
  version integer not null default 1,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  deleted_at timestamptz,
  primary key (studio_id, id),
  foreign key (studio_id, client_id) references clients
);
create index on pieces (studio_id, client_id, kind) where deleted_at is null;

create table swatches (
  studio_id uuid not null,
  piece_id uuid not null,
  position smallint not null,
  hex text not null,
  share double precision not null,
  role text not null,
  primary key (studio_id, piece_id, position),
  foreign key (studio_id, piece_id) references pieces on delete cascade
);

create table bases (
  studio_id uuid not null,
  id uuid not null,
  client_id uuid not null,
  name text not null,
  version integer not null default 1,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  deleted_at timestamptz,
  primary key (studio_id, id),
  foreign key (studio_id, client_id) references clients
);
create index on bases (studio_id, client_id) where deleted_at is null;

create table base_garments (
  studio_id uuid not null,
  base_id uuid not null,
  position smallint not null,
  piece_id uuid not null,
  primary key (studio_id, base_id, position),
  foreign key (studio_id, base_id) references bases on delete cascade,
  foreign key (studio_id, piece_id) references pieces
);

create table sets (
  studio_id uuid not null,
  id uuid not null,
  client_id uuid not null,
  name text not null,
  version integer not null default 1,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  deleted_at timestamptz,
  primary key (studio_id, id),
  foreign key (studio_id, client_id) references clients
);
create index on sets (studio_id, client_id) where deleted_at is null;

create table set_accessories (
  studio_id uuid not null,
  set_id uuid not null,
  position smallint not null,
  piece_id uuid not null,
  primary key (studio_id, set_id, position),
  foreign key (studio_id, set_id) references sets on delete cascade,
  foreign key (studio_id, piece_id) references pieces
);

create table occasions (
  studio_id uuid not null,
  id uuid not null,
  client_id uuid not null,
  name text not null,
  place text not null,
  day date not null,
  level_low double precision not null,
  level_high double precision not null,
  flags text[] not null,
  temperature double precision not null,
  rain double precision not null,
  wind double precision not null,
  ground text not null,
  light text not null,
  on_foot double precision not null,
  version integer not null default 1,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  deleted_at timestamptz,
  primary key (studio_id, id),
  foreign key (studio_id, client_id) references clients
);
create index on occasions (studio_id, client_id, day) where deleted_at is null;

create table looks (
  studio_id uuid not null,
  id uuid not null,
  client_id uuid not null,
  base_id uuid not null,
  occasion_id uuid,
  own_verdict text check (own_verdict in ('sings', 'sits', 'jars')),
  version integer not null default 1,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  primary key (studio_id, id),
  foreign key (studio_id, client_id) references clients,
  foreign key (studio_id, base_id) references bases,
  foreign key (studio_id, occasion_id) references occasions
);
create index on looks (studio_id, client_id, base_id, updated_at desc);

create table look_accessories (
  studio_id uuid not null,
  look_id uuid not null,
  position smallint not null,
  piece_id uuid not null,
  primary key (studio_id, look_id, position),
  foreign key (studio_id, look_id) references looks on delete cascade,
  foreign key (studio_id, piece_id) references pieces
);

create table adjustments (
  studio_id uuid not null,
  look_id uuid not null,
  position smallint not null,
  piece_id uuid not null,
  kind text not null,
  turn_count smallint,
  turn_depth double precision,
  primary key (studio_id, look_id, position),
  foreign key (studio_id, look_id) references looks on delete cascade,
  foreign key (studio_id, piece_id) references pieces,
  check ((kind = 'turn') = (turn_count is not null and turn_depth is not null))
);
`;

/**
 * What must work before a studio is known: signing in and founding the first studio. These functions
 * run as the owner and answer one question each, so the application needs no right on the tables.
 */
const doors = `
create function no_studio_yet() returns boolean
  language sql stable security definer set search_path = public
  as $$ select not exists (select 1 from users) $$;

create function member_by_email(given text)
  returns table (user_id uuid, user_name text, password_hash text, studio_id uuid, studio_name text, role text)
  language sql stable security definer set search_path = public
  as $$
    select u.id, u.name, u.password_hash, s.id, s.name, m.role
    from users u join memberships m on m.user_id = u.id join studios s on s.id = m.studio_id
    where u.email = lower(given) order by s.created_at limit 1
  $$;

create function found_studio(studio uuid, studio_name text, founder uuid, founder_name text, founder_email text, hash text)
  returns void language plpgsql security definer set search_path = public
  as $$
  begin
    perform pg_advisory_xact_lock(7201);
    if exists (select 1 from users) then
      raise exception 'a studio exists already' using errcode = 'JX001';
    end if;
    insert into studios (id, name) values (studio, studio_name);
    insert into users (id, email, name, password_hash) values (founder, lower(founder_email), founder_name, hash);
    insert into memberships (studio_id, user_id, role) values (studio, founder, 'owner');
  end $$;
`;

/** The first house: every table, its row-level security, and what the application role may do. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(house);
  await knex.raw(doors);
  for (const table of tenantTables) {
    await knex.raw(`alter table ${table} enable row level security`);
    await knex.raw(
      `create policy studio on ${table} using (studio_id = ${thisStudio}) with check (studio_id = ${thisStudio})`,
    );
    await knex.raw(`grant select, insert, update, delete on ${table} to juxtane_app`);
  }
  await knex.raw(`
    alter table studios enable row level security;
    create policy studio on studios using (id = ${thisStudio}) with check (id = ${thisStudio});
    grant select, update on studios to juxtane_app;
    alter table users enable row level security;
    create policy studio on users
      using (id in (select user_id from memberships where studio_id = ${thisStudio}));
    grant select (id, email, name) on users to juxtane_app;
    alter table memberships enable row level security;
    create policy studio on memberships using (studio_id = ${thisStudio});
    grant select on memberships to juxtane_app;
    grant select, insert, update, delete on sign_in_attempts to juxtane_app;
    revoke execute on function no_studio_yet(), member_by_email(text),
      found_studio(uuid, text, uuid, text, text, text) from public;
    grant execute on function no_studio_yet(), member_by_email(text),
      found_studio(uuid, text, uuid, text, text, text) to juxtane_app;
  `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw("drop function found_studio, member_by_email, no_studio_yet");
  await knex.raw(
    `drop table ${[...tenantTables].reverse().join(", ")}, sign_in_attempts, memberships, users, studios`,
  );
}
