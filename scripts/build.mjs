// npm run build: the application, and beside it the thread that draws papers.
import { ensureBuild } from "./lib/build.mjs";
import { ensurePackages } from "./lib/installs.mjs";
import { runScript } from "./lib/problem.mjs";

const log = (text) => process.stdout.write(`${text} ...\n`);

await runScript(async () => {
  ensurePackages(log);
  ensureBuild(log);
});
