// npm run mutation -- search sets: breaks rooms of the core on purpose, one small change at a time, and counts what tests
// notice. Without a name all rooms that are held to a score. It takes minutes a room, and is no part of npm test. Score
// and survivors are printed, and stand in reports.
import { spawnSync } from "node:child_process";
import { join } from "node:path";
import { root } from "./lib/folders.mjs";

const held = ["place", "sets", "dressing", "intake", "reading", "scarf", "search", "rules"];
const named = process.argv.slice(2);

for (const room of named.length > 0 ? named : held) {
  const { status } = spawnSync(join(root, "node_modules/.bin/stryker"), ["run"], {
    cwd: root,
    stdio: "inherit",
    env: { ...process.env, ROOM: room },
  });
  if (status !== 0) process.exit(status ?? 1);
}
