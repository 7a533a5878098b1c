import { describe, expect, it } from "vitest";
import { choose, clientCalled, named, press, sees, signIn } from "../support/browser";
import { browser, errors, page, site, useDemoStudio } from "../support/demo-studio";
import { axeFinds } from "../support/axe";
import { placesOfClient, placesOfStudio } from "../support/places";

useDemoStudio({ axe: true, signedIn: false });

describe("before anybody is signed in", () => {
  it("shows only the sign-in page, whatever is asked for", async () => {
    for (const path of placesOfStudio) {
      await page.goto(site + path);
      expect(new URL(page.url()).pathname).toBe("/sign-in");
    }
    expect(await axeFinds(page)).toEqual([]);
  });

  it("sends scripts only with a nonce, and a session cookie no script can read", async () => {
    const response = await page.goto(`${site}/sign-in`);
    const policy = response?.headers()["content-security-policy"] ?? "";
    expect(policy).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'/);
    expect(policy).not.toMatch(/script-src[^;]*unsafe-inline/);
    await signIn(page, site);
    const cookies = await browser.cookies();
    expect(cookies.find(({ name }) => name === "juxtane")).toMatchObject({ httpOnly: true, sameSite: "Lax" });
  });
});

describe("every place", () => {
  it.each([
    ["/sets/build?client=%", /Drag pieces here/],
    ["/sets/stock?client=%", /templates are filled/],
    ["/clients/%", /Lay out a base/],
    ["/clients/%/occasions", /Add an occasion/],
    ["/clients/%/figures", /Highest heel/],
    ["/clients/%/rules", /Where good stylists differ/],
    ["/clients/%/journal", /measured/],
    ["/clients/%/papers", /Looks to hand over/],
    ["/clients/%/whole", /Save as one file/],
    ["/clients/%/papers/lookbook", /By Quillmere Studio/],
  ])("%s of a client is as sound", async (path, words) => {
    await page.setViewport({ width: 1024, height: 768 });
    const client = await clientCalled(page, site, "Ottoline Varga");
    await page.goto(site + path.replace("%", client));
    await page.waitForSelector("h1");
    await sees(page, words);
    expect(await axeFinds(page)).toEqual([]);
    const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(over).toBeLessThanOrEqual(0);
  });

  it.each(placesOfStudio)("%s has nothing for axe, and fits 1024 x 768", async (path) => {
    await page.setViewport({ width: 1024, height: 768 });
    await page.goto(site + path);
    await page.waitForSelector("h1");
    expect(await axeFinds(page)).toEqual([]);
    const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(over).toBeLessThanOrEqual(0);
  });

  it.each([360, 600, 768])("scrolls down only in a window of %i", async (width) => {
    const client = await clientCalled(page, site, "Ottoline Varga");
    const ofClient = ["/bench?client=%", "/sets/build?client=%", "/sets/stock?client=%"];
    await page.setViewport({ width, height: 740 });
    const over: string[] = [];
    for (const path of [
      ...placesOfStudio,
      ...placesOfClient(client),
      ...ofClient.map((of) => of.replace("%", client)),
    ]) {
      await page.goto(site + path);
      await page.waitForSelector("h1");
      const needs = await page.evaluate(() => document.documentElement.scrollWidth);
      if (needs > width) over.push(`${path} wants ${needs}`);
    }
    expect(over).toEqual([]);
  });

  it("leaves nothing blank below the bench", async () => {
    const client = await clientCalled(page, site, "Ottoline Varga");
    await page.setViewport({ width: 1440, height: 900 });
    await page.goto(`${site}/bench?client=${client}`);
    await sees(page, /\d+ to choose from/);
    expect(
      await page.evaluate(() => document.documentElement.scrollHeight - innerHeight),
    ).toBeLessThanOrEqual(0);
  });

  it("keeps in its address what the rail was looked through for, and in which order", async () => {
    await page.setViewport({ width: 1280, height: 800 });
    await page.goto(`${site}/rail`);
    await (await named(page, "searchbox", "Find")).type("suede");
    await page.waitForFunction(() => location.search.includes("find=suede"));
    await choose(page, "Kind", "shoe");
    await press(page, "button", "Level");
    await page.waitForFunction(
      () => /kind=shoe/.test(location.search) && /order=level/.test(location.search),
    );
    const rows = () =>
      page.$$eval("tbody a", (links) => links.map((link) => link.getAttribute("href") ?? ""));
    const levels = () =>
      page.$$eval("tbody tr td:nth-child(6)", (cells) => cells.map((cell) => parseFloat(cell.textContent)));
    await page.waitForFunction(() => {
      const rising = [...document.querySelectorAll("tbody tr td:nth-child(6)")].map((cell) =>
        parseFloat(cell.textContent),
      );
      return rising.length > 1 && rising.every((level, i) => level >= (rising[i - 1] ?? 0));
    });
    const before = await rows();
    await page.reload();
    await named(page, "searchbox", "Find");
    expect(await rows()).toEqual(before);
    expect(before.length).toBeGreaterThan(1);
    expect(await levels()).toEqual([...(await levels())].sort((one, other) => one - other));
    expect(await page.$eval("thead th:nth-child(6)", (head) => head.ariaSort)).toBe("ascending");
  });

  it("reads inches when the studio does", async () => {
    await page.setViewport({ width: 1280, height: 800 });
    await page.goto(`${site}/rail?find=trousers`);
    await press(page, "radio", "in");
    await sees(page, /inseam \d+( \d\/4)? in/);
    await press(page, "radio", "cm");
    await sees(page, /inseam \d+(\.\d)? cm/);
  });

  it("puts a base away and brings it back", async () => {
    await page.goto(`${site}/clients/${await clientCalled(page, site, "Wren Castellane")}`);
    await sees(page, "Lay out a base");
    await page.$eval("a[href*='/bases/']:not([href$='/new'])", (link) => (link as HTMLElement).click());
    await sees(page, "Read bare");
    await press(page, "button", "Archive");
    await sees(page, "is in the archive.");
    await press(page, "button", "Bring back");
    await sees(page, "is back.");
  });

  it("signs out, is then closed, and has forgotten what it heard of looks", async () => {
    const remembered = () =>
      page.evaluate(() => Object.keys(sessionStorage).filter((key) => key.startsWith("juxtane.answered.")));
    await page.evaluate(() => sessionStorage.setItem("juxtane.answered.somebody.look", "{}"));
    expect(await remembered()).not.toEqual([]);
    await press(page, "button", "Sign out");
    await named(page, "heading", "Sign in to your studio");
    expect(await remembered()).toEqual([]);
    await page.goto(`${site}/clients`);
    expect(new URL(page.url()).pathname).toBe("/sign-in");
    expect(errors).toEqual([]);
  });
});
