import type { Browser, Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it, vi } from "vitest";
import { isOn, putOn } from "../support/bench";
import { choose, clientCalled, fill, openPage, press, signIn } from "../support/browser";
import { openTwoMachines, servedBy } from "../support/two-machines";

let site = "";
let browser: Browser;
let machines: Awaited<ReturnType<typeof openTwoMachines>>["machines"];
let close: () => Promise<void>;
let page: Page;
let errors: string[];

beforeAll(async () => {
  ({ browser, close, site, machines } = await openTwoMachines());
  ({ page, errors } = await openPage(browser));
});

afterAll(() => close());

const cookie = async () => (await browser.cookies()).map(({ name, value }) => `${name}=${value}`).join("; ");

async function visit(path: string) {
  const answer = await fetch(site + path, { headers: { cookie: await cookie() }, redirect: "manual" });
  await answer.arrayBuffer();
  return { status: answer.status, by: answer.headers.get(servedBy) };
}

const kept = () =>
  page.waitForFunction(() => document.querySelector('[role="status"]')?.textContent === "kept");

describe("two processes behind a balancer, with a pooler before the database", () => {
  it("count tries to sign in together", async () => {
    const other = await browser.createBrowserContext();
    const stranger = await other.newPage();
    await stranger.goto(`${site}/sign-in`);
    // Five are free. Were each process to count for itself, ten would be.
    let tries = 0;
    const isToWait = () => stranger.evaluate(() => document.body.innerText.includes("Too many tries. Wait"));
    while (tries < 10 && !(await isToWait())) {
      await fill(stranger, "Email", "nobody@nowhere.example");
      await fill(stranger, "Password", `guess ${(tries += 1)}`);
      await Promise.all([
        stranger.waitForResponse((answer) => answer.request().method() === "POST"),
        press(stranger, "button", "Sign in"),
      ]);
      await stranger.waitForNetworkIdle({ idleTime: 50 });
    }
    expect(tries).toBeGreaterThan(5);
    expect(await isToWait()).toBe(true);
    await other.close();
  });

  it("know a session wherever it was begun", async () => {
    await signIn(page, site);
    const met = await Promise.all(Array.from({ length: 12 }, () => visit("/clients")));
    expect(met.map(({ status }) => status)).toEqual(met.map(() => 200));
    expect(new Set(met.map(({ by }) => by))).toEqual(new Set(["one", "two"]));
  });

  it("keep what is written through either, and one killed, nobody notices", async () => {
    await page.goto(`${site}/bench?client=${await clientCalled(page, site, "Ottoline Varga")}`);
    await choose(page, "Base", "Teal dress");
    await putOn(page, "shoe", "Grey strap sandals");
    await kept();
    const statuses: number[] = [];
    let goesOn = true;
    const others = Array.from({ length: 6 }, async () => {
      while (goesOn) statuses.push((await visit("/rail")).status);
    });
    const answered = (count: number) => vi.waitUntil(() => statuses.length >= count, { timeout: 30_000 });
    await answered(12);
    machines[0]?.child.kill("SIGKILL");
    const before = statuses.length;
    await putOn(page, "belt", "belt");
    await kept();
    await answered(before + 12);
    goesOn = false;
    await Promise.all(others);
    expect(statuses.filter((status) => status !== 200)).toEqual([]);
    const belt = await page.$eval("#station-belt [data-worn]", (node) => node.textContent ?? "");
    await page.reload();
    await isOn(page, "shoe", "Grey strap sandals");
    await isOn(page, "belt", belt);
    const met = await Promise.all(Array.from({ length: 6 }, () => visit("/clients")));
    expect(new Set(met.map(({ by }) => by))).toEqual(new Set(["two"]));
    expect(errors).toEqual([]);
  });
});
