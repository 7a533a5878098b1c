// npm run sheet: every body, kind, form and surface on a few pages of pictures, in the folder `sheet`; with names of
// pages, only those. The page of bodies is kept among the screenshots.
import { execFileSync } from "node:child_process";
import { copyFileSync, mkdirSync, mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromiumFlags } from "./lib/chromium.mjs";
import { root } from "./lib/folders.mjs";
import { ensureChromium, ensurePackages } from "./lib/installs.mjs";
import { runScript } from "./lib/problem.mjs";

const folder = join(root, "sheet");
const wanted = process.argv.slice(2);
const log = (text) => process.stdout.write(`${text} ...\n`);

await runScript(async () => {
  ensurePackages(log);
  const executablePath = ensureChromium(log);
  const profile = mkdtempSync(join(tmpdir(), "juxtane-sheet-"));
  const { launch } = await import("puppeteer-core");
  const browser = await launch({ executablePath, args: chromiumFlags, userDataDir: profile });
  try {
    mkdirSync(folder, { recursive: true });
    execFileSync("node", ["--import", "tsx", "scripts/sheet/write-pages.ts", folder, ...wanted], {
      cwd: root,
      env: { ...process.env, TSX_TSCONFIG_PATH: join(root, "scripts", "sheet", "tsconfig.json") },
      stdio: "inherit",
    });
    const page = await browser.newPage();
    for (const name of JSON.parse(readFileSync(join(folder, "pages.json"), "utf8"))) {
      await page.setViewport({ width: 1280, height: 800 });
      await page.goto(`file://${join(folder, `${name}.html`)}`);
      await page.screenshot({ path: join(folder, `${name}.png`), fullPage: true });
      process.stdout.write(`sheet/${name}.png\n`);
      if (name === "bodies")
        copyFileSync(join(folder, "bodies.png"), join(root, "docs", "screenshots", "sheet.png"));
    }
  } finally {
    await browser.close();
    rmSync(profile, { recursive: true, force: true });
  }
});
