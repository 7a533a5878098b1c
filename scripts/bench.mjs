// npm run bench: the speed of the core and of the drawn figure, as counts and as ratios within one run. Both are
// bundled first, as they are for the browser: run unbundled, every closure would pay for being named.
import { spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, readdirSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { build } from "esbuild";
import { pressedKeys } from "./bench-keys.mjs";
import { chromiumFlags } from "./lib/chromium.mjs";
import { root } from "./lib/folders.mjs";
import { ensureChromium } from "./lib/installs.mjs";

const folder = mkdtempSync(join(tmpdir(), "juxtane-bench-"));
const common = { bundle: true, format: "esm", alias: { "@": join(root, "src") }, logLevel: "warning" };

async function benchCore() {
  const outfile = join(folder, "bench.mjs");
  await build({ ...common, entryPoints: [join(root, "scripts/bench.ts")], outfile, platform: "node" });
  return spawnSync(process.execPath, [outfile], { stdio: "inherit", cwd: root }).status ?? 1;
}

/** A script of the bench, bundled and loaded. */
function loaded(name) {
  const outfile = join(folder, `${name}.mjs`);
  return build({
    ...common,
    entryPoints: [join(root, `scripts/bench-${name}.ts`)],
    outfile,
    platform: "node",
    // The demo's files are checked by Joi, which still asks for its parts in the old way.
    banner: {
      js: 'import { createRequire } from "node:module"; const require = createRequire(import.meta.url);',
    },
  }).then(() => import(outfile));
}

const line = (what, figures, then) =>
  process.stdout.write(`${what.padEnd(36)}${figures.padEnd(44)}${then}\n`);

/** Looks that differ in one piece. */
async function benchBeside() {
  const { compareReadings } = await loaded("beside");
  process.stdout.write("\none piece swapped, read by itself and beside the look it was swapped in:\n");
  for (const { slot, alone, beside } of compareReadings())
    line(
      slot,
      `${beside.toFixed(3)} ms of ${alone.toFixed(3)} ms, ${(beside / alone).toFixed(2)}`,
      "aim < 0.2",
    );
}

/** What is waited for with the clients of the demo. */
async function benchDemo() {
  const { missingFor, proofsFor } = await loaded("demo");
  const demo = join(root, "demo");
  const waited = proofsFor(demo);
  const proved = waited.map(({ proved }) => proved ?? Infinity).sort((one, other) => one - other);
  const first = waited.map(({ first }) => first).sort((one, other) => one - other);
  const of = (times, share) => `${times[Math.ceil(times.length * share) - 1].toFixed(0)} ms`;
  process.stdout.write(`\nwhole sets in the demo, ${waited.length} pairs of base and occasion:\n`);
  line(
    "the best of them proved",
    `${of(proved, 0.5)} the middle, ${of(proved, 0.9)} nine in ten`,
    `in ${proved.filter((taken) => taken < 2000).length} of ${waited.length} within 2 s, in ${proved.filter(Number.isFinite).length} at all`,
  );
  line("a first set to be seen", `${of(first, 0.5)} the middle, ${of(first, 1)} the slowest`, "aim < 150 ms");
  const { taken, pieces } = await missingFor(demo);
  line("what is missing, largest client", `${(taken / 1000).toFixed(1)} s, ${pieces} pieces`, "aim < 2 s");
}

/** The ways to find the best sets, side by side. */
async function benchSets() {
  const { compareWays } = await loaded("sets");
  const highs = await (await import("highs")).default();
  const { combinations, ways, programsAgree, wardrobes } = compareWays(
    (program) => highs.solve(program).ObjectiveValue,
  );
  const proof = ways["proved by reading"];
  process.stdout.write(
    `\nthe best set of ${wardrobes} wardrobes of five slots, ${combinations} combinations in all:\n`,
  );
  for (const [name, { taken, best, below }] of Object.entries(ways))
    process.stdout.write(
      `${name.padEnd(36)}${`${taken.toFixed(0)} ms, ${(taken / proof.taken).toFixed(2)} of the proof`.padEnd(44)}` +
        `the best in ${best}, ${(below / wardrobes).toFixed(2)} points below on average\n`,
    );
  process.stdout.write(`${"HiGHS and our own search agree".padEnd(36)}in ${programsAgree} of ${wardrobes}\n`);
}

async function benchFigure() {
  const outfile = join(folder, "figure.js");
  await build({
    ...common,
    entryPoints: [join(root, "scripts/bench-figure.tsx")],
    outfile,
    platform: "browser",
    format: "iife",
    jsx: "automatic",
    define: { "process.env.NODE_ENV": '"production"' },
  });
  const { launch } = await import("puppeteer-core");
  const executablePath = ensureChromium((text) => process.stdout.write(`${text} ...\n`));
  const browser = await launch({
    executablePath,
    args: chromiumFlags,
    userDataDir: join(folder, "profile"),
  });
  try {
    const page = await browser.newPage();
    await page.addScriptTag({ content: readFileSync(outfile, "utf8") });
    const bundles = readdirSync(join(root, "demo"))
      .filter((name) => name.endsWith(".bundle.json"))
      .map((name) => readFileSync(join(root, "demo", name), "utf8"));
    const { draws, updates, folded, ties } = await page.evaluate(
      (texts) => window.figureFigures(texts),
      bundles,
    );
    process.stdout.write("\nthe figure in Chromium, React and DOM, over the looks of the demo:\n");
    for (const [what, { middle, slowest }, aim] of [
      ["drawn anew", draws, "aim < 8 ms"],
      ["one accessory changed", updates, "aim < 4 ms"],
      ["a folded scarf with its picture", folded, "aim < 8 ms"],
      ["tied another way, read and drawn", ties, "aim < 50 ms"],
    ])
      process.stdout.write(
        `${what.padEnd(36)}${`${middle.toFixed(1)} ms, the slowest ${slowest.toFixed(1)} ms`.padEnd(44)}${aim}\n`,
      );
  } finally {
    await browser.close();
  }
}

/** The whole bench, from a key to the next paint. */
async function benchKeys() {
  const keys = await pressedKeys((text) => process.stdout.write(`${text} ...\n`));
  process.stdout.write("\na key at the bench, to the next paint:\n");
  for (const { what, full, slowed } of keys)
    line(
      what,
      `${full.toFixed(0)} ms, ${slowed.toFixed(0)} ms at a quarter of the speed`,
      "aim < 30 ms, < 120 ms",
    );
}

const status = await benchCore();
if (status === 0) {
  await benchBeside();
  await benchDemo();
  await benchSets();
  await benchFigure();
  await benchKeys();
}
rmSync(folder, { recursive: true, force: true });
process.exit(status);
