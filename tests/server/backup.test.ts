import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import knex, { type Knex } from "knex";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { migrationSource } from "@/server/db/migrations";
import { prepareDatabase } from "../../scripts/lib/prepare.mjs";

let folder = "";
const appPassword = process.env.TEST_APP_PASSWORD ?? "";
const databases: string[] = [];

/** A database of its own on the tests' cluster; the connection of its owner. */
async function newDatabase(name: string, template = "template1"): Promise<string> {
  const url = new URL(process.env.TEST_OWNER_URL ?? "");
  const owner = knex({ client: "pg", connection: url.toString() });
  await owner.raw("create database ?? template ??", [name, template]);
  await owner.destroy();
  databases.push(name);
  url.pathname = `/${name}`;
  return url.toString();
}

/** Runs a command as the operations' page says it, and gives back its status and words. */
function command(script: string, ownerUrl: string, ...args: string[]) {
  const { status, stdout, stderr } = spawnSync(process.execPath, [`scripts/${script}.mjs`, ...args], {
    encoding: "utf8",
    env: { ...process.env, OWNER_URL: ownerUrl, APP_PASSWORD: appPassword },
  });
  return { status, words: `${stdout}${stderr}`.trim() };
}

async function on<T>(url: string, work: (database: Knex) => Promise<T>): Promise<T> {
  const database = knex({ client: "pg", connection: url, pool: { min: 0, max: 1 } });
  try {
    return await work(database);
  } finally {
    await database.destroy();
  }
}

/** Everything that a database holds, to the byte. */
const contentOf = (url: string) =>
  on(url, async (database) => {
    const { rows } = await database.raw<{ rows: { tablename: string }[] }>(
      "select tablename from pg_tables where schemaname = 'public' order by 1",
    );
    const content: Record<string, unknown> = {};
    for (const { tablename } of rows)
      content[tablename] = (
        await database.raw<{ rows: { row: string }[] }>("select t::text as row from ?? t order by 1", [
          tablename,
        ])
      ).rows.map(({ row }) => row);
    return content;
  });

let source = "";
let saved = "";

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), "juxtane-backups-"));
  saved = join(folder, "studio.backup");
  source = await newDatabase("backed_up");
  prepareDatabase(source, appPassword, { demo: true });
});

afterAll(() => rmSync(folder, { recursive: true, force: true }));

// Each dumps and restores whole databases: a dozen seconds on a quiet machine, far more beside other work.
describe("a backup", { timeout: 90_000 }, () => {
  it("holds everything in one file, and never writes over another", () => {
    const { status, words } = command("backup", source, saved);
    expect([status, words]).toEqual([
      0,
      expect.stringMatching(/studio\.backup holds \d{3,} rows of \d+ tables\.$/),
    ]);
    expect(command("backup", source, saved)).toEqual({
      status: 1,
      words: `${saved} is there already: a backup never writes over another.`,
    });
  });

  it.each([
    ["is empty", () => Promise.resolve()],
    ["is prepared", (url: string) => Promise.resolve(void prepareDatabase(url, appPassword))],
    [
      "holds another studio",
      (url: string) => on(url, (owner) => owner("studios").update({ name: "Another" })),
    ],
    [
      "is older",
      async (url: string) => {
        prepareDatabase(url, appPassword);
        await on(url, (owner) => owner.migrate.down({ migrationSource }));
      },
    ],
  ])("is restored to the byte where the database %s", async (state, make) => {
    const isCopy = state === "holds another studio";
    const target = await newDatabase(
      `restored_${state.replaceAll(" ", "_")}`,
      isCopy ? "backed_up" : "template1",
    );
    await make(target);
    const { status, words } = command("restore", target, saved);
    expect([status, words]).toEqual([
      0,
      expect.stringMatching(/are restored, each table counted and hashed\.$/),
    ]);
    expect(await contentOf(target)).toEqual(await contentOf(source));
    // The application signs in and is kept to its studio, as before.
    const app = new URL(target);
    app.username = "juxtane_app";
    app.password = appPassword;
    await on(app.toString(), async (database) => {
      expect((await database("pieces").select("id")).length).toBe(0);
      expect((await database.raw<{ rows: unknown[] }>("select no_studio_yet()")).rows).toEqual([
        { no_studio_yet: false },
      ]);
    });
  });

  it("that is damaged, foreign or newer changes nothing, and says so in one sentence", async () => {
    const target = await newDatabase("kept_as_it_was", "backed_up");
    const before = await contentOf(target);
    const bytes = readFileSync(saved);
    const end = bytes.indexOf("\n");
    const head = JSON.parse(bytes.toString("utf8", 0, end)) as Record<string, unknown>;
    const withHead = (change: object) =>
      Buffer.concat([Buffer.from(`${JSON.stringify({ ...head, ...change })}\n`), bytes.subarray(end + 1)]);
    const spoilt = Buffer.from(bytes);
    spoilt[spoilt.length - 100] = (spoilt[spoilt.length - 100] ?? 0) ^ 255;
    const tables = { ...(head.tables as object), pieces: { rows: 3, hash: "0" } };
    const cases: readonly (readonly [string, Buffer, RegExp])[] = [
      [
        "cut",
        bytes.subarray(0, bytes.length - 500),
        /is damaged: it is not as it was written\. Nothing was changed\.$/,
      ],
      ["spoilt", spoilt, /is damaged/],
      ["foreign", Buffer.from("PK\u0003\u0004 not ours\n"), /is no backup of Juxtane\.$/],
      ["newer", withHead({ version: 2 }), /was written by a newer Juxtane/],
      [
        "migrated",
        withHead({ migrations: ["9999-later"] }),
        /was made by a newer Juxtane.*Nothing was changed\.$/,
      ],
      [
        "untrue",
        withHead({ tables }),
        /pieces: \d+ rows in place of 3.*What was there before is in its place again\.$/,
      ],
    ];
    for (const [name, content, sentence] of cases) {
      const file = join(folder, `${name}.backup`);
      writeFileSync(file, content);
      const { status, words } = command("restore", target, file);
      expect([status, words], name).toEqual([1, expect.stringMatching(sentence)]);
      expect(await contentOf(target), name).toEqual(before);
    }
    expect(command("restore", target, join(folder, "nothing"))).toMatchObject({ status: 1 });
  });

  it("is not restored under an application that is at work", async () => {
    const target = await newDatabase("at_work");
    const { url } = prepareDatabase(target, appPassword);
    await on(url, async (database) => {
      await database.raw("select 1");
      const { status, words } = command("restore", target, saved);
      expect([status, words]).toEqual([
        1,
        expect.stringMatching(/^The application is at work on this database/),
      ]);
    });
  });

  it("that was cut off half way leaves what was there, which comes back with the next start", async () => {
    const target = await newDatabase("cut_off", "backed_up");
    const before = await contentOf(target);
    await on(target, (owner) =>
      owner.raw(
        "alter schema public rename to before_restore; create schema public; create table public.half (id int)",
      ),
    );
    prepareDatabase(target, appPassword);
    expect(await contentOf(target)).toEqual(before);
  });
});
