import knex from "knex";
import { beforeAll, describe, expect, it } from "vitest";
import { database } from "@/server/db/database";
import { inStudio } from "@/server/db/tenant";
import { asOwner, furnishedStudio, newStudio } from "./studios";

/** What another studio has, every table of it. */
const tables = [
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
  "rule_book_versions",
  "overrulings",
  "declined",
  "wears",
  "set_templates",
  "gaps",
  "member_keys",
  "rail_views",
  "photos",
  "memberships",
  "sessions",
  "invitations",
  "links",
  "link_looks",
  "outbox",
  "erasures",
  "erased_photos",
] as const;

let one: Awaited<ReturnType<typeof furnishedStudio>>;
let two: string;

beforeAll(async () => {
  one = await furnishedStudio("Studio one");
  two = await newStudio("Studio two");
});

describe("raw SQL on the application role", () => {
  it("is a role that owns nothing and cannot pass row-level security", async () => {
    const { rows } = await database().raw(
      "select rolsuper, rolbypassrls, rolcreatedb, rolcreaterole from pg_roles where rolname = current_user",
    );
    expect(rows).toEqual([
      { rolsuper: false, rolbypassrls: false, rolcreatedb: false, rolcreaterole: false },
    ]);
    const owned = await database().raw(
      "select count(*)::int as n from pg_class where relowner = current_user::regrole",
    );
    expect(owned.rows[0].n).toBe(0);
  });

  it("has row-level security on every table with a studio_id", async () => {
    const { rows } = await asOwner().raw(`
      select c.relname from pg_class c join pg_attribute a on a.attrelid = c.oid
      where a.attname = 'studio_id' and c.relkind = 'r' and not c.relrowsecurity`);
    expect(rows).toEqual([]);
  });

  it("keeps every row, index and foreign key of a studio under the studio's own id", async () => {
    const { rows: indexes } = await asOwner().raw(`
      select i.indexrelid::regclass::text as name from pg_index i
        join pg_attribute s on s.attrelid = i.indrelid and s.attname = 'studio_id'
        join pg_class c on c.oid = i.indrelid and c.relkind = 'r' and c.relnamespace = 'public'::regnamespace
      where i.indkey[0] <> s.attnum`);
    expect(indexes).toEqual([]);
    // A table that is no studio's, such as the one of users, is the same for all of them.
    const { rows: keys } = await asOwner().raw(`
      select k.conname as name from pg_constraint k
        join pg_attribute s on s.attrelid = k.conrelid and s.attname = 'studio_id'
        join pg_attribute t on t.attrelid = k.confrelid and t.attname = 'studio_id'
      where k.contype = 'f' and (k.conkey[1] <> s.attnum or k.confkey[1] <> t.attnum)`);
    expect(keys).toEqual([]);
    const { rows: without } = await asOwner().raw(`
      select c.relname from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attname = 'studio_id'
      where c.relkind = 'r' and not exists (
        select 1 from pg_index i where i.indrelid = c.oid and i.indisprimary and i.indkey[0] = a.attnum)`);
    expect(without).toEqual([]);
  });

  it("has every table of a studio looked at here, but those that it may only add to", async () => {
    const { rows } = await asOwner().raw<{ rows: { relname: string }[] }>(`
      select c.relname from pg_class c join pg_attribute a on a.attrelid = c.oid
      where a.attname = 'studio_id' and c.relkind = 'r' and c.relnamespace = 'public'::regnamespace`);
    const addedTo = ["changes", "letters", "look_steps"];
    expect(rows.map(({ relname }) => relname).sort()).toEqual([...tables, ...addedTo].sort());
  });

  it.each(tables)("sees no %s without a studio, and none of studio one from studio two", async (table) => {
    const outside = await database().raw(`select count(*)::int as n from ${table}`);
    expect(outside.rows[0].n).toBe(0);
    const inside = await inStudio(two, (tenant) =>
      tenant.raw(`select count(*)::int as n from ${table} where studio_id = ?`, [one.studioId]),
    );
    expect(inside.rows[0].n).toBe(0);
    const own = await inStudio(one.studioId, (tenant) =>
      tenant.raw(`select count(*)::int as n from ${table}`),
    );
    expect(own.rows[0].n).toBeGreaterThan(0);
  });

  it.each(tables)("can neither update nor delete nor steal %s of studio one", async (table) => {
    await inStudio(two, async (tenant) => {
      const changed = await tenant(table).where({ studio_id: one.studioId }).update({ studio_id: two });
      expect(changed).toBe(0);
      const deleted = await tenant(table).where({ studio_id: one.studioId }).delete();
      expect(deleted).toBe(0);
    });
  });

  it("cannot write a row into studio one", async () => {
    const write = inStudio(two, (tenant) =>
      tenant("bases").insert({
        studio_id: one.studioId,
        id: one.lookId,
        client_id: one.clientId,
        name: "planted",
      }),
    );
    await expect(write).rejects.toThrow(/row-level security/);
  });

  it("cannot read password hashes, nor the users of another studio", async () => {
    await expect(database().raw("select password_hash from users")).rejects.toThrow(/permission denied/);
    const users = await inStudio(two, (tenant) => tenant("users").select("id"));
    expect(users).toEqual([]);
  });

  it("cannot become another role or switch the policies off", async () => {
    await expect(database().raw("set role juxtane_owner")).rejects.toThrow(/permission denied/);
    await expect(database().raw("alter table clients disable row level security")).rejects.toThrow(
      /must be owner/,
    );
    const connection = knex({
      client: "pg",
      connection: process.env.DATABASE_URL ?? "",
      pool: { min: 1, max: 1 },
    });
    await connection.raw("set row_security = off");
    await expect(connection("clients").select("id")).rejects.toThrow(/row-level security/);
    await connection.destroy();
  });
});
