// npm run letters: the letters that would have been sent, the last first; there is no mail yet.
import pg from "pg";
import { ownedDatabase } from "./lib/owned-database.mjs";
import { runScript } from "./lib/problem.mjs";

const log = (text) => process.stdout.write(`${text} ...\n`);
const most = 20;

await runScript(async () => {
  const { ownerUrl, stop } = await ownedDatabase({ log });
  const client = new pg.Client({ connectionString: ownerUrl });
  try {
    await client.connect();
    const { rows } = await client.query("select * from letters order by created_at desc limit $1", [most]);
    for (const { created_at, recipient, subject, body } of rows)
      process.stdout.write(`${created_at.toISOString()}  to ${recipient}\n${subject}\n${body}\n\n`);
    if (rows.length === 0) process.stdout.write("No letter was written yet.\n");
  } finally {
    await client.end();
    stop();
  }
});
