import knex from "knex";
import { closeDatabase } from "@/server/db/database";
import { prepareDatabase } from "@/server/db/prepare";

/**
 * An empty database of one test file's own; the application's pool is on it until it is left.
 * @param processes how many bring it up to date at the same time
 */
export async function ownDatabase(
  name: string,
  processes = 1,
): Promise<{ readonly code: string; readonly leave: () => Promise<void> }> {
  const before = process.env.DATABASE_URL;
  await closeDatabase();
  const url = new URL(process.env.TEST_OWNER_URL ?? "");
  url.pathname = `/${await newEmptyDatabase(name)}`;
  const prepare = () => prepareDatabase(url.toString(), process.env.TEST_APP_PASSWORD ?? "");
  const codes: (string | null)[] = [];
  const [prepared] = await Promise.all(
    Array.from({ length: processes }, () =>
      prepare().then((each) => {
        codes.push(each.code);
        return each;
      }),
    ),
  );
  process.env.DATABASE_URL = prepared?.url;
  return {
    // Of several that prepared it at once, the last one's code holds.
    code: codes.length > 0 ? (codes[codes.length - 1] ?? "") : "",
    leave: async () => {
      await closeDatabase();
      process.env.DATABASE_URL = before;
    },
  };
}

/** A database with nothing in it; gives back its name. */
export async function newEmptyDatabase(name: string): Promise<string> {
  const owner = knex({ client: "pg", connection: process.env.TEST_OWNER_URL ?? "" });
  await owner.raw("create database ??", [name]);
  await owner.destroy();
  return name;
}
