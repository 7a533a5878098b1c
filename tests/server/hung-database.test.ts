import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { closeDatabase, database } from "@/server/db/database";
import { isOutage } from "@/server/db/outage";
import { prepareDatabase } from "@/server/db/prepare";
import { hashOfCode } from "@/server/db/first-code";
import { inStudio } from "@/server/db/tenant";
import { addClient, nameClients } from "@/server/records/clients";
import { foundStudio } from "@/server/records/doors";
import { throwAwayCluster } from "../support/cluster";
import { clientInput } from "./studios";

let cluster: Awaited<ReturnType<typeof throwAwayCluster>>;
const before = process.env.DATABASE_URL;
let studioId = "";

beforeAll(async () => {
  await closeDatabase();
  cluster = await throwAwayCluster();
  const { url, code } = await prepareDatabase(cluster.ownerUrl, cluster.appPassword);
  process.env.DATABASE_URL = url;
  ({ studioId } = await foundStudio({
    studioName: "Hung",
    userName: "Somebody",
    email: "hung@studio.example",
    passwordHash: "none",
    codeHash: hashOfCode(code ?? ""),
  }));
});

afterAll(async () => {
  cluster.thaw();
  await closeDatabase();
  cluster.stop();
  process.env.DATABASE_URL = before;
});

const names = () => inStudio(studioId, nameClients);

/** How long something took to be told that the database does not answer, in ms. */
async function toldAfter(work: Promise<unknown>): Promise<number> {
  const began = performance.now();
  const error = await work.then(
    () => null,
    (reason: unknown) => reason,
  );
  expect(isOutage(error), String(error)).toBe(true);
  return performance.now() - began;
}

describe("a database that hangs", () => {
  it("is told to everybody within 6 s, leaves nothing half written, and serves again when it answers", async () => {
    let goOn = () => {};
    const untilFrozen = new Promise<void>((resolve) => (goOn = resolve));
    const halfWritten = inStudio(studioId, async (tenant) => {
      await addClient(tenant, { ...clientInput, name: "Half written" });
      await untilFrozen;
      await addClient(tenant, { ...clientInput, name: "The other half" });
    });
    // More than the pool has connections for: some have one, some wait for one, some for a new one.
    await Promise.all(Array.from({ length: 4 }, names));
    cluster.freeze();
    goOn();
    const waits = await Promise.all([halfWritten, ...Array.from({ length: 24 }, names)].map(toldAfter));
    expect(Math.max(...waits)).toBeLessThan(6000);
    cluster.thaw();
    await expect.poll(() => names().catch(() => null), { timeout: 10_000 }).toEqual([]);
    expect(await Promise.all(Array.from({ length: 24 }, names))).toHaveLength(24);
  });

  it("is not waited for by a statement, a lock or a transaction that idles", async () => {
    const { rows } = await database().raw<{ rows: { name: string; setting: string }[] }>(
      `select name, setting from pg_settings where name in
        ('statement_timeout', 'lock_timeout', 'idle_in_transaction_session_timeout') order by name`,
    );
    expect(rows.map(({ setting }) => Number(setting))).toEqual([10_000, 2000, 3000]);
    await toldAfter(inStudio(studioId, (tenant) => tenant.raw("select pg_sleep(5)")));
    expect(await names()).toEqual([]);
  });
});
