import knex, { type Knex } from "knex";
import { migrationSource } from "./migrations";

const appRole = "juxtane_app";

/**
 * Brings a database up to date as its owner: the application role, which owns nothing and cannot pass
 * row-level security, and every migration not yet run. Several processes may call it at once.
 * @param ownerUrl connection of a role that may create roles and tables
 * @param appPassword what the application will sign in with
 * @returns the connection of the application role
 */
export async function prepareDatabase(ownerUrl: string, appPassword: string): Promise<string> {
  const owner = knex({ client: "pg", connection: ownerUrl, pool: { min: 0, max: 2 } });
  try {
    await alone(owner, async () => {
      await ensureRole(owner, appPassword);
      await owner.migrate.latest({ migrationSource });
    });
  } finally {
    await owner.destroy();
  }
  const url = new URL(ownerUrl);
  url.username = appRole;
  url.password = appPassword;
  return url.toString();
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
    await trx.raw(`grant usage on schema public to ${appRole}`);
  });
}

function quote(text: string): string {
  return text.replaceAll("'", "''");
}
