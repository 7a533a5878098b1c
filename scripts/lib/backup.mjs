import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import {
  createReadStream,
  createWriteStream,
  existsSync,
  mkdtempSync,
  openSync,
  readSync,
  closeSync,
  renameSync,
  rmSync,
  statSync,
} from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { pipeline } from "node:stream/promises";
import pg from "pg";
import { prepareDatabase } from "./prepare.mjs";
import { Problem } from "./problem.mjs";

/** The first line of a backup says what it is; what PostgreSQL's own dump says follows it. */
const format = "juxtane-backup";
const version = 1;
/** Longer than any first line: a name, a count and a hash of each table. */
const longestHead = 1024 * 1024;

/** Where what was there before lies until what is restored has been verified. */
const aside = "before_restore";

/**
 * Writes everything of a database into one file, as it stands at one moment, with the count and the hash of every
 * table to verify it by.
 * @param {string} ownerUrl
 * @param {string} file which is not there yet
 * @param {string} bin where pg_dump lies
 * @returns how many rows of how many tables
 */
export async function writeBackup(ownerUrl, file, bin) {
  if (existsSync(file)) throw new Problem(`${file} is there already: a backup never writes over another.`);
  const folder = mkdtempSync(join(tmpdir(), "juxtane-backup-"));
  const dump = join(folder, "dump");
  const client = await connected(ownerUrl);
  try {
    await client.query("begin isolation level repeatable read read only");
    const tables = await measured(client);
    if (Object.keys(tables).length === 0) throw new Problem("There is nothing in this database to back up.");
    const { rows } = await client.query("select pg_export_snapshot() as snapshot, now() as at");
    run(join(bin, "pg_dump"), [
      "--format=custom",
      "--schema=public",
      `--snapshot=${rows[0].snapshot}`,
      `--file=${dump}`,
      ownerUrl,
    ]);
    const { rows: migrated } = await client.query("select name from knex_migrations order by id");
    await client.query("commit");
    const head = {
      format,
      version,
      madeAt: rows[0].at.toISOString(),
      migrations: migrated.map(({ name }) => name),
      dump: { bytes: statSync(dump).size, sha256: await hashOf(dump) },
      tables,
    };
    const half = `${file}.half`;
    const out = createWriteStream(half, { mode: 0o600 });
    out.write(`${JSON.stringify(head)}\n`);
    await pipeline(createReadStream(dump), out);
    renameSync(half, file);
    return sizeOf(tables);
  } finally {
    await client.end();
    rmSync(folder, { recursive: true, force: true });
  }
}

/**
 * Puts a backup in place of whatever a database holds: nothing, a prepared studio, an older one. What was there is
 * kept until what came from the file has been counted and hashed table by table, and is put back where that fails.
 * @returns how many rows of how many tables
 */
export async function restoreBackup(ownerUrl, appPassword, file, bin) {
  const { head, offset } = readHead(file);
  const folder = mkdtempSync(join(tmpdir(), "juxtane-restore-"));
  const dump = join(folder, "dump");
  try {
    await pipeline(createReadStream(file, { start: offset }), createWriteStream(dump, { mode: 0o600 }));
    if (statSync(dump).size !== head.dump.bytes || (await hashOf(dump)) !== head.dump.sha256)
      throw new Problem(`${file} is damaged: it is not as it was written. Nothing was changed.`);
    // The role that the backup names has to be there; an interrupted restore is put back by the same.
    prepareDatabase(ownerUrl, appPassword);
    const client = await connected(ownerUrl);
    try {
      await refuseNewer(client, head);
      await refuseOthers(client);
      // The dump makes the schema anew.
      await client.query(`alter schema public rename to ${aside}`);
      try {
        run(join(bin, "pg_restore"), [
          "--exit-on-error",
          "--single-transaction",
          "--no-owner",
          `--dbname=${ownerUrl}`,
          dump,
        ]);
        const wrong = differing(head.tables, await measured(client));
        if (wrong) throw new Problem(`What came from the file is not what went into it (${wrong}).`);
      } catch (error) {
        await client.query(
          `begin; drop schema if exists public cascade; alter schema ${aside} rename to public; commit`,
        );
        throw new Problem(`${error.message} What was there before is in its place again.`);
      }
      await client.query(`drop schema ${aside} cascade`);
    } finally {
      await client.end();
    }
    prepareDatabase(ownerUrl, appPassword);
    return sizeOf(head.tables);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** How many rows each table holds, and a hash over all of them, whatever their order. */
async function measured(client) {
  await client.query("set local timezone to 'UTC'");
  const { rows } = await client.query(
    "select tablename from pg_tables where schemaname = 'public' order by tablename",
  );
  const tables = {};
  for (const { tablename } of rows) {
    const { rows: sums } = await client.query(
      `select count(*)::int as rows, md5(coalesce(string_agg(md5(t::text), '' order by md5(t::text)), '')) as hash
       from public."${tablename}" t`,
    );
    tables[tablename] = sums[0];
  }
  return tables;
}

function differing(wanted, found) {
  const names = new Set([...Object.keys(wanted), ...Object.keys(found)]);
  const wrong = [...names].find(
    (name) => wanted[name]?.rows !== found[name]?.rows || wanted[name]?.hash !== found[name]?.hash,
  );
  return wrong && `${wrong}: ${found[wrong]?.rows ?? "no"} rows in place of ${wanted[wrong]?.rows ?? "none"}`;
}

function readHead(file) {
  if (!existsSync(file)) throw new Problem(`There is no file ${file}.`);
  const buffer = Buffer.alloc(longestHead);
  const handle = openSync(file, "r");
  const read = readSync(handle, buffer, 0, longestHead, 0);
  closeSync(handle);
  const end = buffer.subarray(0, read).indexOf("\n");
  let head = null;
  try {
    head = JSON.parse(buffer.toString("utf8", 0, Math.max(end, 0)));
  } catch {
    // As below.
  }
  if (head?.format !== format) throw new Problem(`${file} is no backup of Juxtane.`);
  if (head.version !== version)
    throw new Problem(`${file} was written by a newer Juxtane: restore it with that.`);
  return { head, offset: end + 1 };
}

/** The migrations that this program knows have just been run: a backup that has more is of a newer one. */
async function refuseNewer(client, head) {
  const { rows } = await client.query("select name from knex_migrations");
  const known = new Set(rows.map(({ name }) => name));
  if (head.migrations.some((name) => !known.has(name)))
    throw new Problem("This backup was made by a newer Juxtane: restore it with that. Nothing was changed.");
}

async function refuseOthers(client) {
  const { rows } = await client.query(
    "select count(*)::int as others from pg_stat_activity where datname = current_database() and usename = 'juxtane_app'",
  );
  if (rows[0].others > 0)
    throw new Problem("The application is at work on this database: stop it first. Nothing was changed.");
}

async function connected(ownerUrl) {
  const client = new pg.Client({ connectionString: ownerUrl, connectionTimeoutMillis: 5000 });
  try {
    await client.connect();
  } catch (error) {
    throw new Problem(`The database cannot be reached (${error.code ?? error.message}).`);
  }
  return client;
}

function run(program, args) {
  const { status, stderr } = spawnSync(program, args, {
    encoding: "utf8",
    env: { ...process.env, LC_ALL: "C" },
  });
  if (status === 0) return;
  const words =
    (stderr ?? "")
      .trim()
      .split("\n")
      .find((line) => /error/i.test(line)) ?? "it gave no reason";
  throw new Problem(`${program.split("/").pop()} did not do it: ${words}`);
}

async function hashOf(path) {
  const hash = createHash("sha256");
  await pipeline(createReadStream(path), hash);
  return hash.digest("hex");
}

function sizeOf(tables) {
  const counts = Object.values(tables).map(({ rows }) => rows);
  return { tables: counts.length, rows: counts.reduce((sum, count) => sum + count, 0) };
}
