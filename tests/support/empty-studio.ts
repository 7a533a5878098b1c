import knex from "knex";
import { freePort } from "../../scripts/lib/ports.mjs";
import { prepareDatabase } from "../../scripts/lib/prepare.mjs";
import { startServer } from "../../scripts/lib/server.mjs";

/**
 * The application over a new, empty database, as on its first day, served by so many processes.
 * @param database the name of the database, which no other file of tests may use
 * @returns where each process serves, and the code that the database was prepared with
 */
export async function openEmptyStudio(database: string, processes = 1) {
  const ownerUrl = new URL(process.env.TEST_OWNER_URL ?? "");
  const owner = knex({ client: "pg", connection: ownerUrl.toString() });
  await owner.raw("create database ??", [database]);
  await owner.destroy();
  ownerUrl.pathname = `/${database}`;
  const prepared = prepareDatabase(ownerUrl.toString(), process.env.TEST_APP_PASSWORD ?? "");
  const env = { DATABASE_URL: prepared.url, SESSION_SECRET: process.env.TEST_SESSION_SECRET ?? "" };
  const servers: Awaited<ReturnType<typeof startServer>>[] = [];
  for (let each = 0; each < processes; each += 1) servers.push(await startServer(await freePort(), env));
  const close = async () => {
    await Promise.all(servers.map((server) => server.stop()));
  };
  const code: string = prepared.code ?? "";
  return { sites: servers.map(({ url }) => url), code, close };
}
