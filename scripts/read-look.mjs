// npm run read -- look.json: prints the reading of a look file. Exit 2 and one line on bad input.
import { spawnSync } from "node:child_process";
import { existsSync } from "node:fs";
import { fileURLToPath } from "node:url";

const root = fileURLToPath(new URL("..", import.meta.url));
if (!existsSync(`${root}node_modules/tsx`)) {
  process.stderr.write("The packages are not installed yet: run npm ci first.\n");
  process.exit(2);
}
const run = spawnSync(
  process.execPath,
  ["--import", "tsx", `${root}scripts/read-look.ts`, ...process.argv.slice(2)],
  {
    stdio: "inherit",
  },
);
process.exit(run.status ?? 2);
