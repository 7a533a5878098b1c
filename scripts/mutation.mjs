// npm run mutation -- search sets: breaks rooms of the core on purpose, one small change at a time, and counts what their
// tests notice. Without a name all rooms that are held to a score. It takes hours, and is no part of npm test.
import { spawnSync } from "node:child_process";
import { join } from "node:path";
import { root } from "./lib/folders.mjs";

const rooms = process.argv.slice(2);
const { status } = spawnSync(join(root, "node_modules/.bin/stryker"), ["run"], {
  cwd: root,
  stdio: "inherit",
  env: { ...process.env, ...(rooms.length > 0 ? { ROOM: rooms.join() } : {}) },
});
process.exit(status ?? 1);
