// npm test: everything CI checks, with its own installs; ends with "N passed, N failed".
import { spawn } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensureBuild } from "./lib/build.mjs";
import { root } from "./lib/folders.mjs";
import {
  ensureChromium,
  ensurePackages,
  ensurePdfReaders,
  ensurePostgres,
  ensureServer,
} from "./lib/installs.mjs";
import { runScript } from "./lib/problem.mjs";

const bin = (name) => join(root, "node_modules", ".bin", name);
const log = (text) => process.stdout.write(`${text} ...\n`);
const results = mkdtempSync(join(tmpdir(), "juxtane-test-"));
let passed = 0;
let failed = 0;

await runScript(async () => {
  ensurePackages(log);
  ensurePostgres(log);
  ensureChromium(log);
  ensurePdfReaders(log);
  for (const name of ["haproxy", "pgbouncer"]) ensureServer(name, log);
  await check("routes", [bin("next"), "typegen"]);
  // It takes two minutes and one processor: all that is not measured by the clock goes on beside it. It holds the types of
  // every file at once, which comes near the four gigabytes that Node lets a program have by itself.
  const lint = check("lint", [
    process.execPath,
    "--max-old-space-size=6144",
    bin("eslint"),
    ".",
    "--max-warnings",
    "0",
  ]);
  await check("format", [bin("prettier"), "--check", "."]);
  await check("boundaries", [bin("depcruise"), "src", "--config", ".dependency-cruiser.cjs"]);
  await check("dead code", [bin("knip")]);
  await suite("server");
  await check("types", [bin("tsc"), "--noEmit"]);
  await lint;
  await suite("core");
  try {
    ensureBuild(log);
    passed += 1;
    await suite("browser");
    await suite("pace");
  } catch (error) {
    failed += 1;
    process.stdout.write(`${error.message}\n`);
  }
});
rmSync(results, { recursive: true, force: true });
process.stdout.write(`${passed} passed, ${failed} failed\n`);
process.exitCode = failed > 0 || passed === 0 ? 1 : (process.exitCode ?? 0);

/** Runs a check that passes or fails as a whole. */
async function check(name, command) {
  const { status, words, seconds } = await run(command);
  if (status === 0) passed += 1;
  else failed += 1;
  process.stdout.write(`${status === 0 ? "passed" : "FAILED"}  ${name} (${seconds} s)\n`);
  if (status !== 0) process.stdout.write(`${words.trim().split("\n").slice(-60).join("\n")}\n`);
}

/** Runs one group of tests and counts them one by one. */
async function suite(project) {
  const file = join(results, `${project}.json`);
  const { status, words, seconds } = await run([
    bin("vitest"),
    "run",
    "--project",
    project,
    "--reporter=default",
    "--reporter=json",
    `--outputFile.json=${file}`,
  ]);
  const counted = countOf(file);
  passed += counted.passed;
  failed += counted.failed + (status !== 0 && counted.failed === 0 ? 1 : 0);
  process.stdout.write(
    `${status === 0 ? "passed" : "FAILED"}  ${project}: ${counted.passed} tests (${seconds} s)\n`,
  );
  if (status !== 0) process.stdout.write(`${words.trim().split("\n").slice(-120).join("\n")}\n`);
}

function countOf(file) {
  try {
    const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(file, "utf8"));
    return { passed: numPassedTests, failed: numFailedTests };
  } catch {
    return { passed: 0, failed: 0 };
  }
}

function run([program, ...args]) {
  const began = Date.now();
  return new Promise((resolve) => {
    let words = "";
    const child = spawn(program, args, { cwd: root, env: { ...process.env, CI: "1", FORCE_COLOR: "0" } });
    const hear = (chunk) => (words += chunk);
    child.stdout.on("data", hear);
    child.stderr.on("data", hear);
    child.on("error", (error) => resolve({ status: 1, words: `${words}${error.message}`, seconds: 0 }));
    child.on("close", (status) =>
      resolve({ status, words, seconds: Math.round((Date.now() - began) / 1000) }),
    );
  });
}
