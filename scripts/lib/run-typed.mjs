import { spawnSync } from "node:child_process";
import { existsSync } from "node:fs";
import { join } from "node:path";
import { root } from "./folders.mjs";

/** Runs a TypeScript command of this folder's parent with this process's arguments, and ends as it ended. */
export function runTyped(file) {
  if (!existsSync(join(root, "node_modules", "tsx"))) {
    process.stderr.write("The packages are not installed yet: run npm ci first.\n");
    process.exit(2);
  }
  const command = ["--import", "tsx", join(root, "scripts", file), ...process.argv.slice(2)];
  process.exit(spawnSync(process.execPath, command, { stdio: "inherit" }).status ?? 2);
}
