// npm run bench: the speed of the core, as counts and as ratios within one run. The core is bundled first,
// as it is for the browser: run unbundled, every closure would pay for being named.
import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { build } from "esbuild";

const root = fileURLToPath(new URL("..", import.meta.url));
const folder = mkdtempSync(join(tmpdir(), "juxtane-bench-"));
const outfile = join(folder, "bench.mjs");
await build({
  entryPoints: [join(root, "scripts/bench.ts")],
  outfile,
  bundle: true,
  platform: "node",
  format: "esm",
  alias: { "@": join(root, "src") },
  logLevel: "warning",
});
const run = spawnSync(process.execPath, [outfile], { stdio: "inherit", cwd: root });
rmSync(folder, { recursive: true, force: true });
process.exit(run.status ?? 1);
