import {
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  unlinkSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import knex from "knex";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { ensurePostgres } from "../../scripts/lib/installs.mjs";
import { startCluster } from "../../scripts/lib/postgres.mjs";

const bin = ensurePostgres(() => undefined);
let folder = "";
const said: string[] = [];
const start = () => startCluster(bin, folder, { say: (text: string) => void said.push(text) });
const home = () => join(folder, "postgres");
const asides = () => readdirSync(folder).filter((name) => name.includes("set-aside"));

/** What a query answers on a cluster that is started for it. */
async function asked(query: string): Promise<unknown[]> {
  const cluster = await start();
  const database = knex({ client: "pg", connection: cluster.ownerUrl, pool: { min: 0, max: 1 } });
  try {
    return (await database.raw<{ rows: unknown[] }>(query)).rows;
  } finally {
    await database.destroy();
    cluster.stop();
  }
}

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), "juxtane-data-"));
  await asked("create table kept (word text); insert into kept values ('harbour')");
});

afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe("the data folder of a demo", () => {
  it("is taken up again as it was left", async () => {
    expect(await asked("select word from kept")).toEqual([{ word: "harbour" }]);
    expect([asides(), said]).toEqual([[], []]);
  });

  it.each([
    ["is missing", () => unlinkSync(join(home(), "PG_VERSION")), "has no PG_VERSION"],
    [
      "is of another",
      () => writeFileSync(join(home(), "PG_VERSION"), "9\n"),
      'is of PostgreSQL "9", and this is',
    ],
  ])("is set aside whole, and never deleted, when its PG_VERSION %s", async (_, spoil, sentence) => {
    const version = readFileSync(join(home(), "PG_VERSION"), "utf8");
    const before = asides().length;
    spoil();
    expect(await asked("select to_regclass('kept') as kept")).toEqual([{ kept: null }]);
    expect(asides()).toHaveLength(before + 1);
    expect(said.at(-1)).toContain(sentence);
    expect(said.at(-1)).toContain("set aside in");
    // Put back, it is the same as before.
    rmSync(home(), { recursive: true });
    const aside = join(folder, asides().at(-1) ?? "");
    writeFileSync(join(aside, "PG_VERSION"), version);
    renameSync(aside, home());
    expect(await asked("select word from kept")).toEqual([{ word: "harbour" }]);
  });
});
