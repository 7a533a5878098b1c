import knex from "knex";
import { closeDatabase } from "@/server/db/database";
import { prepareDatabase } from "@/server/db/prepare";

/**
 * An empty database of one test file's own; the application's pool is on it until it is left.
 * @param processes how many bring it up to date at the same time
 */
export async function ownDatabase(name: string, processes = 1): Promise<{ leave: () => Promise<void> }> {
  const before = process.env.DATABASE_URL;
  await closeDatabase();
  const url = new URL(process.env.TEST_OWNER_URL ?? "");
  const owner = knex({ client: "pg", connection: url.toString() });
  await owner.raw("create database ??", [name]);
  await owner.destroy();
  url.pathname = `/${name}`;
  const prepare = () => prepareDatabase(url.toString(), process.env.TEST_APP_PASSWORD ?? "");
  const [prepared] = await Promise.all(Array.from({ length: processes }, prepare));
  process.env.DATABASE_URL = prepared;
  return {
    leave: async () => {
      await closeDatabase();
      process.env.DATABASE_URL = before;
    },
  };
}
