import knex from "knex";
import { freePort } from "../../scripts/lib/ports.mjs";
import { startServer } from "../../scripts/lib/server.mjs";
import { openBrowser } from "./browser";

let opened = 0;

/** A copy of the demo's database as it is on its first day, for one file of tests. */
export async function copyOfDemo() {
  const name = `studio_${process.pid}_${(opened += 1)}`;
  const template = new URL(process.env.TEST_DEMO_URL ?? "");
  await asOwner(`create database ${name} template ${template.pathname.slice(1)}`);
  const appUrl = new URL(template);
  appUrl.pathname = `/${name}`;
  const ownerUrl = new URL(process.env.TEST_OWNER_URL ?? "");
  ownerUrl.pathname = `/${name}`;
  return { appUrl, ownerUrl, drop: () => asOwner(`drop database ${name} with (force)`) };
}

/** What a process of the application over some database is started with. */
export const settingsFor = (databaseUrl: URL) => ({
  DATABASE_URL: databaseUrl.toString(),
  SESSION_SECRET: process.env.TEST_SESSION_SECRET ?? "",
  JUXTANE_DEMO_SIGN_IN: process.env.TEST_DEMO_SIGN_IN ?? "",
});

/**
 * The demo studio as it is on its first day, served by a process of its own over a copy of the demo's
 * database, and a browser to look at it: what one file of tests does, no other one meets.
 */
export async function openStudio() {
  const { appUrl, ownerUrl, drop } = await copyOfDemo();
  const server = await startServer(await freePort(), settingsFor(appUrl));
  const { browser, close: closeBrowser } = await openBrowser();
  const beside: Awaited<ReturnType<typeof startServer>>[] = [];
  /** Serves the same studio from another address too, by so many processes, as `npm start` does. */
  const servedBy = async (processes: number) => {
    const settings = { ...settingsFor(appUrl), JUXTANE_PROCESSES: String(processes) };
    const another = await startServer(await freePort(), settings);
    beside.push(another);
    return another.url;
  };
  const close = async () => {
    await closeBrowser();
    for (const each of [server, ...beside]) await each.stop();
    await drop();
  };
  return { site: server.url, ownerUrl: ownerUrl.toString(), browser, servedBy, close };
}

/** Runs one statement as the cluster's owner, beside every database of the application. */
async function asOwner(statement: string): Promise<void> {
  const url = new URL(process.env.TEST_OWNER_URL ?? "");
  // Beside the database that is copied: one that somebody is in cannot be.
  url.pathname = "/template1";
  const owner = knex({ client: "pg", connection: url.toString(), pool: { min: 0, max: 1 } });
  await owner.raw(statement);
  await owner.destroy();
}
