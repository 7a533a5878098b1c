// npm run bench: the speed of the core, as counts and as ratios within one run.
import { spawnSync } from "node:child_process";
import { fileURLToPath } from "node:url";

const root = fileURLToPath(new URL("..", import.meta.url));
const run = spawnSync(process.execPath, ["--import", "tsx", `${root}scripts/bench.ts`], {
  stdio: "inherit",
  cwd: root,
});
process.exit(run.status ?? 1);
