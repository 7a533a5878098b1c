import type { Knex } from "knex";

/**
 * A second step when somebody signs in: the secret that her phone makes codes from, and spare codes for the day it is
 * lost. The application reaches neither table but through these doors.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table second_steps (
      user_id uuid primary key references users on delete cascade,
      secret text not null,
      -- The half minute of the last code that was taken: no code is taken twice.
      used_turn bigint not null,
      begun_at timestamptz not null default now()
    );
    create table spare_codes (
      user_id uuid not null references second_steps on delete cascade,
      code_hash text not null,
      primary key (user_id, code_hash)
    );

    create function second_step_of(member uuid)
      returns table (secret text, begun_at timestamptz, spare integer)
      language sql stable security definer set search_path = public
      as $$
        select s.secret, s.begun_at, (select count(*)::integer from spare_codes c where c.user_id = s.user_id)
        from second_steps s where s.user_id = member
      $$;

    create function begin_second_step(member uuid, given_secret text, turn bigint, spare_hashes text[]) returns void
      language sql security definer set search_path = public
      as $$
        delete from second_steps where user_id = member;
        insert into second_steps (user_id, secret, used_turn) values (member, given_secret, turn);
        insert into spare_codes (user_id, code_hash) select member, unnest(spare_hashes);
      $$;

    create function pass_second_step(member uuid, turn bigint) returns boolean
      language sql security definer set search_path = public
      as $$
        with taken as (
          update second_steps set used_turn = turn where user_id = member and used_turn < turn returning 1)
        select exists (select 1 from taken)
      $$;

    create function pass_spare_code(member uuid, hash text) returns boolean
      language sql security definer set search_path = public
      as $$
        with taken as (delete from spare_codes where user_id = member and code_hash = hash returning 1)
        select exists (select 1 from taken)
      $$;

    create function end_second_step(member uuid) returns void
      language sql security definer set search_path = public
      as $$ delete from second_steps where user_id = member $$;
  `);
  for (const door of doors)
    await knex.raw(`
      revoke execute on function ${door} from public;
      grant execute on function ${door} to juxtane_app;
    `);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`drop function ${doors.join(", ")}; drop table spare_codes, second_steps`);
}

const doors = [
  "second_step_of(uuid)",
  "begin_second_step(uuid, text, bigint, text[])",
  "pass_second_step(uuid, bigint)",
  "pass_spare_code(uuid, text)",
  "end_second_step(uuid)",
];
