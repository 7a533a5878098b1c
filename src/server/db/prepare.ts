import knex, { type Knex } from "knex";
import { spelledCode } from "../spelled-code";
import { hashOfCode } from "./first-code";
import { migrationSource } from "./migrations";

const appRole = "juxtane_app";

/**
 * How long the application may hold the database up: a statement, the wait for a lock, a transaction in which
 * nothing is asked. They hold for the role, so that they do behind a pooler of connections too.
 */
const limits = {
  statement_timeout: "3s",
  lock_timeout: "2s",
  idle_in_transaction_session_timeout: "10s",
} as const;

interface Prepared {
  /** The connection of the application role. */
  readonly url: string;
  /** What guards the founding of the first studio; null once there is one. */
  readonly code: string | null;
}

/**
 * Brings a database up to date as its owner: the application role, which owns nothing and cannot pass
 * row-level security, and every migration not yet run. Several processes may call it at once.
 * @param ownerUrl connection of a role that may create roles and tables
 * @param appPassword what the application will sign in with
 * @returns the connection of the application role, and the code of the first run
 */
export async function prepareDatabase(ownerUrl: string, appPassword: string): Promise<Prepared> {
  const owner = knex({ client: "pg", connection: ownerUrl, pool: { min: 0, max: 2 } });
  let code: string | null = null;
  try {
    await alone(owner, async () => {
      await putBackInterrupted(owner);
      await ensureRole(owner, appPassword);
      await owner.migrate.latest({ migrationSource });
      code = await newFirstCode(owner);
    });
  } finally {
    await owner.destroy();
  }
  const url = new URL(ownerUrl);
  url.username = appRole;
  url.password = appPassword;
  return { url: url.toString(), code };
}

/** The code of a database in which nobody has founded a studio yet: each preparation makes a new one. */
async function newFirstCode(owner: Knex): Promise<string | null> {
  const { rows } = await owner.raw<{ rows: unknown[] }>("select 1 from users limit 1");
  if (rows.length > 0) return null;
  const code = Array.from({ length: 4 }, () => spelledCode(4)).join("-");
  await owner.transaction(async (trx) => {
    await trx("first_run").delete();
    await trx("first_run").insert({ code_hash: hashOfCode(code) });
  });
  return code;
}

/** A restore that was cut off before it was verified leaves what was there aside: it comes back to its place. */
async function putBackInterrupted(owner: Knex): Promise<void> {
  const { rows } = await owner.raw<{ rows: unknown[] }>(
    "select 1 from pg_namespace where nspname = 'before_restore'",
  );
  if (rows.length === 0) return;
  await owner.transaction(async (trx) => {
    await trx.raw("drop schema if exists public cascade");
    await trx.raw("alter schema before_restore rename to public");
  });
}

/** Runs work while no other process prepares this database; the lock ends with its transaction. */
async function alone(owner: Knex, work: () => Promise<void>): Promise<void> {
  await owner.transaction(async (trx) => {
    await trx.raw("select pg_advisory_xact_lock(7200)");
    await work();
  });
}

async function ensureRole(owner: Knex, password: string): Promise<void> {
  await owner.transaction(async (trx) => {
    const found = await trx
      .select<{ rolname: string }[]>("rolname")
      .from("pg_roles")
      .where({ rolname: appRole });
    const verb = found.length > 0 ? "alter" : "create";
    await trx.raw(
      `${verb} role ${appRole} login nosuperuser nobypassrls nocreatedb nocreaterole password '${quote(password)}'`,
    );
    for (const [name, value] of Object.entries(limits))
      await trx.raw(`alter role ${appRole} set ${name} = '${value}'`);
    await trx.raw(`grant usage on schema public to ${appRole}`);
  });
}

function quote(text: string): string {
  return text.replaceAll("'", "''");
}
