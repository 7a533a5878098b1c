import { spawnSync } from "node:child_process";
import { join } from "node:path";
import { root } from "./folders.mjs";
import { Problem } from "./problem.mjs";

/** Migrates a database as its owner, with the demo data when asked for; returns the application's URL. */
export function prepareDatabase(ownerUrl, appPassword, { demo = false } = {}) {
  const run = spawnSync(process.execPath, ["--import", "tsx", join(root, "scripts/prepare.ts")], {
    cwd: root,
    encoding: "utf8",
    env: { ...process.env, OWNER_URL: ownerUrl, APP_PASSWORD: appPassword, DEMO: demo ? "1" : "" },
  });
  if (run.status !== 0)
    throw new Problem(run.stderr.trim().split("\n").at(-1) || "The database could not be prepared.");
  return JSON.parse(run.stdout);
}
