import type { Knex } from "knex";
import { createTenantTable } from "../tenant-table";

/** Tables of which it is written down who changed what. */
const watched = [
  "clients",
  "measurements",
  "pieces",
  "bases",
  "sets",
  "occasions",
  "overrulings",
  "wears",
  "set_templates",
  "gaps",
  "memberships",
  "invitations",
];

/**
 * Who changed what and when, written by the database itself with every change, so that no way of writing passes it by.
 * A look is kept at every step, which its own steps tell: here only that it was begun, put away or brought back.
 */
export async function up(knex: Knex): Promise<void> {
  await createTenantTable(knex, {
    name: "changes",
    columns: `
      id uuid not null default gen_random_uuid(),
      made_at timestamptz not null default clock_timestamp(),
      user_id uuid,
      record text not null,
      record_id text not null,
      name text not null,
      deed text not null check (deed in ('added', 'changed', 'put away', 'brought back', 'removed')),
      fields text[] not null`,
  });
  await knex.raw(`
    revoke update, delete on changes from juxtane_app;
    create index on changes (studio_id, made_at desc, id);

    create function note_change() returns trigger language plpgsql set search_path = public
    as $$
    declare
      before jsonb := case when tg_op = 'INSERT' then '{}'::jsonb else to_jsonb(old) end;
      after jsonb := case when tg_op = 'DELETE' then '{}'::jsonb else to_jsonb(new) end;
      this jsonb := case when tg_op = 'DELETE' then before else after end;
      fields text[];
      deed text;
    begin
      select coalesce(array_agg(key order by key), '{}') into fields
        from jsonb_each(after) field
        where before -> field.key is distinct from field.value
          and field.key not in ('version', 'updated_at', 'created_at', 'deleted_at', 'studio_id', 'id', 'words', 'token_hash');
      deed := case
        when tg_op = 'INSERT' then 'added'
        when tg_op = 'DELETE' then 'removed'
        when before ->> 'deleted_at' is null and after ->> 'deleted_at' is not null then 'put away'
        when before ->> 'deleted_at' is not null and after ->> 'deleted_at' is null then 'brought back'
        else 'changed' end;
      if deed = 'changed' and (fields = '{}' or tg_table_name = 'looks') then return null; end if;
      insert into changes (studio_id, user_id, record, record_id, name, deed, fields) values (
        (this ->> case tg_table_name when 'studios' then 'id' else 'studio_id' end)::uuid,
        nullif(current_setting('app.user_id', true), '')::uuid,
        tg_table_name,
        coalesce(this ->> 'id', this ->> 'user_id'),
        coalesce(this ->> 'name', this ->> 'email', this ->> 'rule', this ->> 'form', this ->> 'worn_on', ''),
        deed,
        case deed when 'changed' then fields else '{}' end);
      return null;
    end $$;
  `);
  for (const table of [...watched, "looks"])
    await knex.raw(
      `create trigger changes after insert or update or delete on ${table} for each row execute function note_change()`,
    );
  // The studio's own settings: its row is not one of a studio, it is the studio.
  await knex.raw(
    "create trigger changes after update on studios for each row execute function note_change()",
  );
}

export async function down(knex: Knex): Promise<void> {
  for (const table of [...watched, "looks", "studios"]) await knex.raw(`drop trigger changes on ${table}`);
  await knex.raw("drop function note_change; drop table changes");
}
