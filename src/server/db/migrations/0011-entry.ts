import type { Knex } from "knex";
import { createTenantTable, thisStudio } from "../tenant-table";

/** Sessions that can be ended, invitations, letters that would be sent, and the way in for one who forgot. */
export async function up(knex: Knex): Promise<void> {
  await createTenantTable(knex, {
    name: "sessions",
    columns: `
      id uuid not null,
      user_id uuid not null,
      device text not null,
      used_at timestamptz not null default now(),
      ended_at timestamptz,
      foreign key (studio_id, user_id) references memberships on delete cascade`,
  });
  await knex.raw("create index on sessions (studio_id, user_id) where ended_at is null");
  await createTenantTable(knex, {
    name: "invitations",
    columns: `
      id uuid not null,
      email text not null,
      role text not null check (role in ('owner', 'stylist', 'assistant')),
      token_hash text not null,
      made_by uuid not null,
      expires_at timestamptz not null,
      ended_at timestamptz`,
  });
  await createTenantTable(knex, {
    name: "letters",
    columns: `
      id uuid not null,
      recipient text not null,
      subject text not null,
      body text not null`,
  });
  await knex.raw(`
    -- A letter holds a link: whoever works in the studio writes letters, and only the operator reads them.
    revoke select, update, delete on letters from juxtane_app;
    grant insert, update, delete on memberships to juxtane_app;
    drop policy studio on memberships;
    create policy studio on memberships using (studio_id = ${thisStudio}) with check (studio_id = ${thisStudio});
    create table first_run (code_hash text not null);
    create table password_resets (
      token_hash text primary key,
      user_id uuid not null references users on delete cascade,
      expires_at timestamptz not null
    );
  `);
  await knex.raw(doors);
}

/**
 * What is asked before a studio is known. Each function runs as the owner and answers one question; hashes of tokens
 * are compared, never tokens, and a token is used up by the statement that finds it.
 */
const doors = `
drop function found_studio(uuid, text, uuid, text, text, text);
create function found_studio(
    studio uuid, studio_name text, founder uuid, founder_name text, founder_email text, hash text, code_hash_given text)
  returns void language plpgsql security definer set search_path = public
  as $$
  begin
    perform pg_advisory_xact_lock(7201);
    if exists (select 1 from users) then
      raise exception 'a studio exists already' using errcode = 'JX001';
    end if;
    if not exists (select 1 from first_run where code_hash = code_hash_given) then
      raise exception 'the code does not fit' using errcode = 'JX002';
    end if;
    delete from first_run;
    insert into studios (id, name) values (studio, studio_name);
    insert into users (id, email, name, password_hash) values (founder, lower(founder_email), founder_name, hash);
    insert into memberships (studio_id, user_id, role) values (studio, founder, 'owner');
  end $$;

create function studios_of(member uuid)
  returns table (studio_id uuid, studio_name text, role text)
  language sql stable security definer set search_path = public
  as $$
    select s.id, s.name, m.role from memberships m join studios s on s.id = m.studio_id
    where m.user_id = member order by s.name, s.id
  $$;

create function invitation_by_token(given text)
  returns table (studio_id uuid, studio_name text, id uuid, email text, role text, is_known boolean)
  language sql stable security definer set search_path = public
  as $$
    select i.studio_id, s.name, i.id, i.email, i.role, exists (select 1 from users u where u.email = i.email)
    from invitations i join studios s on s.id = i.studio_id
    where i.token_hash = given and i.ended_at is null and i.expires_at > now()
  $$;

create function accept_invitation(given text, newcomer uuid, newcomer_name text, hash text)
  returns table (studio_id uuid, user_id uuid) language plpgsql security definer set search_path = public
  as $$
  declare taken invitations; member uuid;
  begin
    update invitations i set ended_at = now()
      where i.token_hash = given and i.ended_at is null and i.expires_at > now() returning * into taken;
    if not found then raise exception 'the invitation does not hold' using errcode = 'JX003'; end if;
    select u.id into member from users u where u.email = taken.email;
    if member is null then
      member := newcomer;
      insert into users (id, email, name, password_hash) values (newcomer, taken.email, newcomer_name, hash);
    end if;
    insert into memberships (studio_id, user_id, role) values (taken.studio_id, member, taken.role)
      on conflict do nothing;
    return query select taken.studio_id, member;
  end $$;

create function change_password(member uuid, hash text) returns void
  language sql security definer set search_path = public
  as $$
    update users set password_hash = hash where id = member;
    update sessions set ended_at = now() where user_id = member and ended_at is null;
  $$;

create function begin_reset(
    given_email text, given text, expires timestamptz, letter uuid, letter_subject text, letter_body text)
  returns void language plpgsql security definer set search_path = public
  as $$
  declare member uuid; studio uuid;
  begin
    select u.id, m.studio_id into member, studio from users u join memberships m on m.user_id = u.id
      where u.email = lower(given_email) limit 1;
    if member is null then return; end if;
    insert into password_resets (token_hash, user_id, expires_at) values (given, member, expires);
    insert into letters (studio_id, id, recipient, subject, body)
      values (studio, letter, lower(given_email), letter_subject, letter_body);
  end $$;

create function end_reset(given text, hash text) returns uuid
  language plpgsql security definer set search_path = public
  as $$
  declare member uuid;
  begin
    delete from password_resets where token_hash = given and expires_at > now() returning user_id into member;
    if member is null then raise exception 'the link does not hold' using errcode = 'JX003'; end if;
    perform change_password(member, hash);
    return member;
  end $$;

create function sign_in_facts(member uuid) returns text
  language sql stable security definer set search_path = public
  as $$ select password_hash from users where id = member $$;

do $$
declare door text;
begin
  foreach door in array array[
    'found_studio(uuid, text, uuid, text, text, text, text)', 'studios_of(uuid)', 'invitation_by_token(text)',
    'accept_invitation(text, uuid, text, text)', 'change_password(uuid, text)',
    'begin_reset(text, text, timestamptz, uuid, text, text)', 'end_reset(text, text)', 'sign_in_facts(uuid)']
  loop
    execute format('revoke execute on function %s from public', door);
    execute format('grant execute on function %s to juxtane_app', door);
  end loop;
end $$;
`;

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    drop function sign_in_facts, end_reset, begin_reset, change_password, accept_invitation, invitation_by_token,
      studios_of, found_studio;
    drop table password_resets, first_run, letters, invitations, sessions;
    revoke insert, update, delete on memberships from juxtane_app;
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
    revoke execute on function found_studio(uuid, text, uuid, text, text, text) from public;
    grant execute on function found_studio(uuid, text, uuid, text, text, text) to juxtane_app;
  `);
}
