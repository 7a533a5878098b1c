import type { Browser, Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { freePort } from "../../scripts/lib/ports.mjs";
import { prepareDatabase } from "../../scripts/lib/prepare.mjs";
import { startServer } from "../../scripts/lib/server.mjs";
import { fill, named, openBrowser, openPage, press, sees, shows, signIn } from "../support/browser";
import { throwAwayCluster } from "../support/cluster";

let browser: Browser;
let closeBrowser: () => Promise<void>;
let page: Page;
let cluster: Awaited<ReturnType<typeof throwAwayCluster>>;
let server: Awaited<ReturnType<typeof startServer>>;

beforeAll(async () => {
  cluster = await throwAwayCluster();
  const { url, signIn: demo } = prepareDatabase(cluster.ownerUrl, cluster.appPassword, { demo: true });
  server = await startServer(await freePort(), {
    DATABASE_URL: url,
    SESSION_SECRET: cluster.sessionSecret,
    JUXTANE_DEMO_SIGN_IN: JSON.stringify(demo),
  });
  ({ browser, close: closeBrowser } = await openBrowser());
  ({ page } = await openPage(browser));
  await signIn(page, server.url);
});

afterAll(async () => {
  await closeBrowser();
  await server.stop();
  cluster.stop();
});

const kept = () =>
  page.waitForFunction(() => document.querySelector('[role="status"]')?.textContent === "kept");

describe("the database is cut off and comes back", () => {
  it("keeps what is typed in a form, says so, and takes it when it is back", async () => {
    await page.goto(`${server.url}/rail/new`);
    await fill(page, "Name", "Harbour boot");
    cluster.crash();
    await press(page, "button", "Add piece");
    await sees(page, "The database does not answer. What you typed is still here: try again in a moment.");
    const name = await named(page, "textbox", "Name");
    expect(await name.evaluate((node) => (node as unknown as HTMLInputElement).value)).toBe("Harbour boot");
    await cluster.recover();
    await press(page, "button", "Add piece");
    await page.waitForFunction(() => location.pathname === "/rail");
    await sees(page, "Harbour boot");
  });

  it("shows a page that says what happened, and lays it out again", async () => {
    cluster.crash();
    await page.goto(`${server.url}/sets`);
    await sees(page, "The studio's records do not answer just now.");
    await cluster.recover();
    // A page asked for before the server has its connections again says the same once more: one tries again.
    await expect
      .poll(
        async () => {
          if (await shows(page, "do not answer just now")) await press(page, "button", "Try again");
          return shows(page, "Board room, gold and chestnut");
        },
        { timeout: 20_000, interval: 1_500 },
      )
      .toBe(true);
  });

  it("goes on reading at the bench, and keeps the look by itself afterwards; nothing confirmed is lost", async () => {
    await page.goto(`${server.url}/bench`);
    await page.waitForSelector("#station-shoe");
    await page.keyboard.press("t");
    await sees(page, "each turn 4 cm");
    await kept();
    cluster.crash();
    await page.keyboard.press("t");
    await sees(page, "each turn 3 cm");
    await sees(page, "waiting for the server; kept in this browser");
    await cluster.recover();
    await kept();
    await page.reload();
    await sees(page, "each turn 3 cm");
  });
});
