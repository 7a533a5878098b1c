import { spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { createRequire } from "node:module";
import { existsSync, readFileSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { root } from "./folders.mjs";
import { Problem } from "./problem.mjs";

const mark = join(root, ".next", "juxtane-built-from");
const sources = ["package-lock.json", "next.config.ts", "postcss.config.mjs", "tsconfig.json"];

/** Builds the application unless the build at hand was made from these very sources. */
export function ensureBuild(log) {
  const now = fingerprint();
  if (existsSync(mark) && existsSync(join(root, ".next", "BUILD_ID")) && readFileSync(mark, "utf8") === now)
    return;
  log("Building (about a minute)");
  rmSync(join(root, ".next"), { recursive: true, force: true });
  const run = spawnSync(process.execPath, [join(root, "node_modules/next/dist/bin/next"), "build"], {
    cwd: root,
    encoding: "utf8",
    env: { ...process.env, NODE_ENV: "production", NEXT_TELEMETRY_DISABLED: "1" },
  });
  if (run.status !== 0) {
    process.stderr.write(`${run.stdout}${run.stderr}`.split("\n").slice(-40).join("\n"));
    throw new Problem("The build failed; what it said stands above.");
  }
  buildPdfThread();
  writeFileSync(mark, now);
}

/** What draws papers runs in a thread of its own, outside the framework: one file, beside the build. */
function buildPdfThread() {
  // Asked for here: before the packages are installed this file is read too.
  const { buildSync } = createRequire(import.meta.url)("esbuild");
  buildSync({
    entryPoints: [join(root, "src/pdf/worker.ts")],
    outfile: join(root, ".next", "juxtane-pdf.mjs"),
    tsconfig: join(root, "tsconfig.json"),
    bundle: true,
    packages: "external",
    platform: "node",
    format: "esm",
    target: "node20",
    jsx: "automatic",
    define: { "process.env.NODE_ENV": '"production"' },
    logLevel: "error",
  });
}

function fingerprint() {
  const hash = createHash("sha256");
  const files = readdirSync(join(root, "src"), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && !entry.name.endsWith(".test.ts"))
    .map((entry) => join(entry.parentPath, entry.name));
  for (const path of [...files, ...sources.map((name) => join(root, name))].sort())
    hash.update(path.slice(root.length)).update(readFileSync(path));
  return hash.digest("hex");
}
