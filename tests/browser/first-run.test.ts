import type { Browser, Page } from "puppeteer-core";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { fill, named, openBrowser, openPage, press, sees, shows } from "../support/browser";
import { openEmptyStudio } from "../support/empty-studio";

let browser: Browser;
let closeBrowser: () => Promise<void>;
let page: Page;
let studio: Awaited<ReturnType<typeof openEmptyStudio>>;

/** Two processes of the application over one new, empty database. */
beforeAll(async () => {
  studio = await openEmptyStudio("empty_studio", 2);
  ({ browser, close: closeBrowser } = await openBrowser());
  ({ page } = await openPage(browser));
});

afterAll(async () => {
  await closeBrowser();
  await studio.close();
});

const at = (index: number) => studio.sites[index] ?? "";

describe("an empty database", () => {
  it("asks for the first studio, and names what is missing", async () => {
    await page.goto(`${at(0)}/`);
    await named(page, "heading", "Set up your studio");
    await press(page, "button", "Set up the studio");
    await sees(page, "Enter a studio.");
    await fill(page, "Studio", "Harbour Fittings");
    await fill(page, "Your name", "Juna Ferrow");
    await fill(page, "Email", "juna@harbour.example");
    await fill(page, "Password", "short");
    await press(page, "button", "Set up the studio");
    await sees(page, "Password is too short: at least 10 characters.");
  });

  it("lets its founder in, to a page that says what to do first", async () => {
    await fill(page, "Password", "harbour12345");
    await fill(page, "Code of the first run", "AAAA-BBBB-CCCC-DDDD");
    await press(page, "button", "Set up the studio");
    await sees(page, /This would soon be guessed\./);
    await fill(page, "Password", "long-enough-lantern");
    await press(page, "button", "Set up the studio");
    await sees(page, "This is not the code that was printed when the database was prepared.");
    await fill(page, "Code of the first run", studio.code.toLowerCase());
    await press(page, "button", "Set up the studio");
    await sees(page, "Whom do you dress?");
    await page.goto(`${at(0)}/`);
    await sees(page, "A studio begins with a client");
    await named(page, "link", "Add the first client");
    expect(await shows(page, "Harbour Fittings")).toBe(true);
    for (const [path, say] of [
      ["/rail", "The rail is empty."],
      ["/sets", "A set is shoes and at least two more accessories"],
      ["/bench", "Start with a client."],
      ["/clients", "Nobody is on record yet."],
    ] as const) {
      await page.goto(at(0) + path);
      await sees(page, say);
    }
  });

  it("is served by a second process just as well, with the same session", async () => {
    const [cookie] = (await browser.cookies()).filter(({ name }) => name === "juxtane");
    expect(cookie).toBeDefined();
    await page.goto(`${at(1)}/`);
    await sees(page, "A studio begins with a client");
  });

  it("founds no second studio, and shows no demo sign-in", async () => {
    await press(page, "button", "Sign out");
    await named(page, "heading", "Sign in to your studio");
    await page.goto(`${at(1)}/begin`);
    await named(page, "heading", "Sign in to your studio");
    expect(await shows(page, "This is the demo")).toBe(false);
  });
});
