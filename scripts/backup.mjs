// npm run backup -- file: everything of the database into one file, counted and hashed.
import { writeBackup } from "./lib/backup.mjs";
import { ownedDatabase } from "./lib/owned-database.mjs";
import { Problem, runScript } from "./lib/problem.mjs";

const log = (text) => process.stdout.write(`${text} ...\n`);

await runScript(async () => {
  const [file] = process.argv.slice(2);
  if (!file) throw new Problem("Say where to: npm run backup -- juxtane.backup");
  const { bin, ownerUrl, stop } = await ownedDatabase({ log });
  try {
    const { tables, rows } = await writeBackup(ownerUrl, file, bin);
    process.stdout.write(`${file} holds ${rows} rows of ${tables} tables.\n`);
  } finally {
    stop();
  }
});
