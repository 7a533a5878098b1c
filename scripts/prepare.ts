// Brings the database named by OWNER_URL up to date and, with DEMO=1, fills an empty one.
import { fileURLToPath } from "node:url";
import { closeDatabase } from "../src/server/db/database";
import { demoSignIn, seedDemo } from "../src/server/db/demo";
import { prepareDatabase } from "../src/server/db/prepare";

async function main(): Promise<void> {
  const { OWNER_URL: ownerUrl = "", APP_PASSWORD: appPassword = "", DEMO: demo } = process.env;
  const { url, code } = await prepareDatabase(ownerUrl, appPassword);
  process.env.DATABASE_URL = url;
  const seeded = demo
    ? await seedDemo(fileURLToPath(new URL("../demo", import.meta.url)), code ?? "")
    : false;
  await closeDatabase();
  process.stdout.write(
    JSON.stringify({ url, code: demo ? null : code, seeded, signIn: demo ? demoSignIn : null }),
  );
}

main().catch((error: unknown) => {
  const { code, message } = error as { code?: string; message?: string };
  const reason =
    code === "ECONNREFUSED" || code === "ENOTFOUND" || code === "ETIMEDOUT"
      ? `nothing answers there (${code})`
      : message;
  process.stderr.write(`The database cannot be used: ${reason}\n`);
  process.exitCode = 1;
});
