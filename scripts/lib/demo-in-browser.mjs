import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ensureBuild } from "./build.mjs";
import { chromiumFlags } from "./chromium.mjs";
import { ensureChromium, ensurePackages, ensurePostgres } from "./installs.mjs";
import { freePort } from "./ports.mjs";
import { startCluster } from "./postgres.mjs";
import { prepareDatabase } from "./prepare.mjs";
import { startServer } from "./server.mjs";

/**
 * Serves a demo studio on its first day from a database of its own, and opens a page in Chromium.
 * @returns where it is served, the page, and what ends it all
 */
export async function openDemo(log) {
  ensurePackages(log);
  const bin = ensurePostgres(log);
  const executablePath = ensureChromium(log);
  ensureBuild(log);
  const { default: puppeteer } = await import("puppeteer-core");
  const data = mkdtempSync(join(tmpdir(), "juxtane-demo-"));
  const cluster = await startCluster(bin, data);
  const { url, signIn } = prepareDatabase(cluster.ownerUrl, cluster.appPassword, { demo: true });
  const server = await startServer(await freePort(), {
    DATABASE_URL: url,
    SESSION_SECRET: cluster.sessionSecret,
    JUXTANE_DEMO_SIGN_IN: JSON.stringify(signIn),
  });
  const browser = await puppeteer.launch({
    executablePath,
    headless: true,
    userDataDir: join(data, "profile"),
    args: chromiumFlags,
  });
  const close = async () => {
    await browser.close();
    await server.stop();
    cluster.kill();
    rmSync(data, { recursive: true, force: true });
  };
  return { url: server.url, page: await browser.newPage(), close };
}

/** Signs in with the demo's own sign-in, unless somebody is. */
export async function ensureSignedIn(page, base) {
  await page.goto(base, { waitUntil: "load" });
  if (!page.url().includes("/sign-in")) return;
  await page.click('button[type="submit"]');
  await page.waitForFunction(() => location.pathname === "/");
}

/** Waits until a text is on the page. */
export function until(page, text) {
  return page.waitForFunction((wanted) => document.body.innerText.includes(wanted), {}, text);
}
