// npm run restore -- file: puts a backup in place of what the database holds, verified by count and hash.
import { restoreBackup } from "./lib/backup.mjs";
import { ownedDatabase } from "./lib/owned-database.mjs";
import { Problem, runScript } from "./lib/problem.mjs";

const log = (text) => process.stdout.write(`${text} ...\n`);

await runScript(async () => {
  const [file] = process.argv.slice(2);
  if (!file) throw new Problem("Say which: npm run restore -- juxtane.backup");
  const { bin, ownerUrl, appPassword, stop } = await ownedDatabase({ alone: true, log });
  try {
    const { tables, rows } = await restoreBackup(ownerUrl, appPassword, file, bin);
    process.stdout.write(`${rows} rows of ${tables} tables are restored, each table counted and hashed.\n`);
  } finally {
    stop();
  }
});
