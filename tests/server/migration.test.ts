import knex, { type Knex } from "knex";
import { v7 as uuid } from "uuid";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { prepareDatabase } from "@/server/db/prepare";
import { migrationSource } from "@/server/db/migrations";

let owner: Knex;
const url = new URL(process.env.TEST_OWNER_URL ?? "");
const ids = { studio: uuid(), client: uuid(), base: uuid(), look: uuid(), bag: uuid(), legs: uuid() };

/** Where the database stood before ways of wearing kept settings and rules went by their new ids. */
const before: Knex.MigrationSource<string> = {
  ...migrationSource,
  getMigrations: async (extensions) => (await migrationSource.getMigrations(extensions)).slice(0, 5),
};

beforeAll(async () => {
  const maker = knex({ client: "pg", connection: url.toString() });
  await maker.raw("create database moved_studio");
  await maker.destroy();
  url.pathname = "/moved_studio";
  owner = knex({ client: "pg", connection: url.toString(), pool: { min: 0, max: 2 } });
  await owner.raw("grant usage on schema public to juxtane_app");
  await owner.migrate.latest({ migrationSource: before });
  await fill();
  await prepareDatabase(url.toString(), process.env.TEST_APP_PASSWORD ?? "");
});

afterAll(() => owner.destroy());

const book = (rules: object) => ({
  name: "Polished",
  version: 1,
  schools: {},
  params: {},
  weights: {},
  ...rules,
});

async function fill(): Promise<void> {
  const of = { studio_id: ids.studio };
  const piece = {
    ...of,
    client_id: ids.client,
    finish: "suede",
    pattern: "plain",
    pattern_scale: 0,
    metal: "none",
    metal_size: 0,
    poles: ["classic"],
    statement: 0,
    register_low: 1,
    register_centre: 2,
    register_high: 3,
    figures: "{}",
  };
  const params = { "hardware.metal": { trace: 2 }, "colour.echo": { least: 3 } };
  await owner.raw("insert into studios (id, name, rule_book) values (?, 'Old', ?)", [
    ids.studio,
    JSON.stringify(book({ weights: { "bag.lands": 2 } })),
  ]);
  await owner.raw(
    `insert into clients (studio_id, id, name, skin, hair, eyes, undertone, no_leather, covered_shoulders,
       covered_ankles, nickel_allergy, clip_earrings, rule_book)
     values (?, ?, 'Her', '#ffffff', '#000000', '#000000', 'cool', false, false, false, false, false, ?)`,
    [ids.studio, ids.client, JSON.stringify(book({ params }))],
  );
  await owner.batchInsert("pieces", [
    { ...piece, id: ids.bag, kind: "bag", name: "Bag" },
    { ...piece, id: ids.legs, kind: "trousers", name: "Legs" },
  ]);
  await owner.raw(
    `insert into swatches (studio_id, piece_id, position, hex, share, role) values (?, ?, 0, '#1d2742', 1, 'ground')`,
    [ids.studio, ids.bag],
  );
  await owner.raw("insert into bases (studio_id, id, client_id, name) values (?, ?, ?, 'Base')", [
    ids.studio,
    ids.base,
    ids.client,
  ]);
  await owner.raw("insert into looks (studio_id, id, client_id, base_id) values (?, ?, ?, ?)", [
    ids.studio,
    ids.look,
    ids.client,
    ids.base,
  ]);
  await owner.raw(
    `insert into adjustments (studio_id, look_id, position, piece_id, kind, turn_count, turn_depth, carry, strap_way)
     values (:studio, :look, 0, :legs, 'turn', 2, 3.5, null, null),
       (:studio, :look, 1, :bag, 'strap', null, null, 'crook', 'as made'),
       (:studio, :look, 2, :legs, 'tuck-into-boot', null, null, null, null)`,
    ids,
  );
  await owner.raw(
    `insert into overrulings (studio_id, id, client_id, rule, effect, piece_ids, reason)
     values (?, ?, ?, 'neck.focal', 'rubs', '{}', 'hers')`,
    [ids.studio, uuid(), ids.client],
  );
}

describe("a database of before", () => {
  it("keeps how every piece was worn", async () => {
    const rows = await owner("adjustments").where({ look_id: ids.look }).orderBy("position");
    expect(rows.map(({ kind, settings }) => [kind, settings])).toEqual([
      ["turn", { count: 2, depth: 3.5 }],
      ["strap", { carry: "crook", way: "as made" }],
      ["tuck-into-boot", {}],
    ]);
  });

  it("keeps every figure and weight of a rule book under the rule's new id", async () => {
    const client = await owner("clients").where({ id: ids.client }).first();
    expect(client?.rule_book.params).toEqual({ "finish.metal": { trace: 2 }, "colour.echo": { least: 3 } });
    const studio = await owner("studios").where({ id: ids.studio }).first();
    expect(studio?.rule_book?.weights).toEqual({ "proportion.bag-lands": 2 });
    expect(await owner("overrulings").select("rule")).toEqual([{ rule: "style.focal" }]);
  });

  it("gives every piece the words it is found by", async () => {
    const bag = await owner("pieces").where({ id: ids.bag }).first();
    expect(bag?.words).toBe("bag bag suede none navy");
  });

  it("can go back", async () => {
    // Back to before what the rows above were written by.
    await owner.migrate.down({ migrationSource, name: "0007-cloth" });
    await owner.migrate.down({ migrationSource, name: "0006-worn-ways" });
    const rows = await owner.raw<{ rows: object[] }>("select * from adjustments order by position");
    expect(rows.rows).toMatchObject([
      { turn_count: 2, turn_depth: 3.5 },
      { carry: "crook", strap_way: "as made" },
      { turn_count: null, carry: null },
    ]);
    expect(await owner("overrulings").select("rule")).toEqual([{ rule: "neck.focal" }]);
  });
});
