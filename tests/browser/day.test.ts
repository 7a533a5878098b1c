import { describe, expect, it } from "vitest";
import { axeFinds } from "../support/axe";
import { answers, clientCalled, fill, named, press, sees, shows, toPlaceOfClient } from "../support/browser";
import { errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ axe: true });

const candidates = () =>
  page.$$eval('[aria-label="Tray"] [role="option"]', (plates) => plates.map(({ id }) => id));

describe("a place visited for the first time", () => {
  const introduces = "aside[aria-label='What this place is for']";

  it("says what it is for, once, and makes room for it", async () => {
    await page.goto(`${site}/bench`);
    await page.waitForSelector(introduces);
    const scrolls = () => page.evaluate(() => document.documentElement.scrollHeight - innerHeight);
    expect(await scrolls()).toBeLessThanOrEqual(0);
    await answers(page, `${introduces} button`);
    await press(page, "button", "Got it");
    await page.waitForFunction((at) => !document.querySelector(at), {}, introduces);
    expect(await scrolls()).toBeLessThanOrEqual(0);
    await page.reload();
    await page.waitForSelector("#station-shoe");
    expect(await page.$(introduces)).toBeNull();
    await page.goto(`${site}/sets`);
    await page.waitForSelector(introduces);
  });
});

describe("today", () => {
  it("begins with the first occasion whose look jars, and leads to mending it", async () => {
    await page.goto(site);
    await sees(page, /What to do next\s+\w+ \d+ \w+, in 3 days\s+Planetarium lecture/);
    await sees(page, "The look laid out for it jars.");
    await page.waitForSelector("section[aria-labelledby='next'] svg");
    await sees(page, /Board meeting\s+Ingrid Haldane, [^\n]+\s+sings\s+Navy suit, cream blouse/);
    await sees(page, /Radio studio\s+Ottoline Varga, [^\n]+\s+no look yet/);
    await press(page, "link", "Mend it at the bench");
    await page.waitForSelector("#station-shoe");
    await sees(page, /jars/);
  });
});

describe("no, because ...", () => {
  const refuse = async (reason: string) => {
    await named(page, "dialog", "No, because ...");
    expect(await axeFinds(page)).toEqual([]);
    await fill(page, "Or in your own words", reason);
    await press(page, "button", "Do not offer it again");
  };

  it("is said by keys, and the piece is offered no more, here and after a reload", async () => {
    await page.waitForFunction(
      () => document.querySelectorAll('[aria-label="Tray"] [role="option"]').length > 3,
    );
    const [, second = ""] = await candidates();
    await page.keyboard.press("ArrowRight");
    await page.keyboard.press("ArrowRight");
    await page.keyboard.press("x");
    await refuse("They squeak on the dome's floor.");
    await sees(page, "One piece was said no to.");
    await page.waitForFunction((id) => !document.getElementById(id), {}, second);
    await page.reload();
    await sees(page, "One piece was said no to.");
    await page.waitForFunction(
      () => document.querySelectorAll('[aria-label="Tray"] [role="option"]').length > 2,
    );
    expect(await candidates()).not.toContain(second);
    await press(page, "button", "See why");
    await sees(page, "They squeak on the dome's floor.");
    await page.keyboard.press("Escape");
    await page.waitForFunction(() => !document.querySelector("[role=dialog]"));
  });

  it("stands in the client's journal, and is taken back", async () => {
    const client = await clientCalled(page, site, "Ottoline Varga");
    await page.goto(`${site}/clients/${client}`);
    await toPlaceOfClient(page, "Journal");
    await sees(page, /said no to\s+[^\n]+: They squeak on the dome's floor\./);
    await page.goto(`${site}/bench?client=${client}`);
    await answers(page, "#station-shoe");
    await sees(page, "One piece was said no to.");
    await press(page, "button", "See why");
    await page.waitForSelector("[role=dialog] li button");
    await page.click("[role=dialog] li button");
    await sees(page, "Everything is offered here.");
    await page.keyboard.press("Escape");
    await page.waitForFunction(() => !document.body.innerText.includes("One piece was said no to."));
    await page.goto(`${site}/clients/${client}/journal`);
    await sees(page, /They squeak on the dome's floor\. Offered again since\./);
  });

  it("is said by touch, from the tray's own button", async () => {
    await page.setViewport({ width: 1024, height: 768, hasTouch: true });
    await page.goto(`${site}/bench`);
    await page.waitForFunction(
      () => document.querySelectorAll('[aria-label="Tray"] [role="option"]').length > 3,
    );
    await answers(page, "#station-shoe");
    const plate = await page.waitForSelector('[aria-label="Tray"] [role="option"]:nth-of-type(2)');
    await plate?.tap();
    await page.waitForSelector('[aria-label="Tray"] [aria-selected="true"]');
    const no = await named(page, "button", "No, because ...");
    await no.evaluate((node) => node.scrollIntoView());
    await (no as typeof plate)?.tap();
    await named(page, "dialog", "No, because ...");
    await page.keyboard.press("Escape");
    await page.setViewport({ width: 1280, height: 800 });
  });
});

describe("the gap board", () => {
  it("shows what is served, what is not and why, and opens a pair on the bench", async () => {
    const client = await clientCalled(page, site, "Ingrid Haldane");
    await page.goto(`${site}/boards/gaps?client=${client}`);
    await sees(page, /\d+ missing pieces were tried on them\./);
    const marks = await page.$$eval("[aria-label='What the sets serve'] td button", (cells) =>
      cells.map((cell) => cell.getAttribute("aria-label") ?? ""),
    );
    const jars = marks.filter((words) => words.endsWith(": jars")).length;
    expect(marks).toHaveLength(40);
    await sees(page, `Of 40 outfits for an occasion, ${jars} are served by no set.`);
    await sees(
      page,
      /Navy suit, cream blouse, Gangway inspection: no set serves it\. [^\n]+ comes nearest\./,
    );
    expect(await axeFinds(page)).toEqual([]);
    await press(page, "button", "Aran over camel, Board meeting: sits");
    await sees(page, /Aran over camel, Board meeting: [^\n]+ sits on it\./);
    await press(page, "link", "Open on the bench");
    await page.waitForSelector("#station-shoe");
    await sees(page, "Aran over camel");
  });
});

describe("a look printed", () => {
  it("is a card with the figure, the pieces, and nothing else of the page", async () => {
    await page.goto(`${site}/bench`);
    await answers(page, "#station-shoe");
    await page.waitForFunction(() => {
      window.dispatchEvent(new Event("beforeprint"));
      return document.querySelector("article[aria-label='Look card']") !== null;
    });
    await page.emulateMediaType("print");
    const card = await page.$("article[aria-label='Look card']");
    expect(await card?.evaluate((part) => part.checkVisibility())).toBe(true);
    expect(await page.$eval("main", (part) => part.checkVisibility())).toBe(false);
    const words = (await card?.evaluate((part) => part.textContent)) ?? "";
    expect(words).toContain("Planetarium lecture");
    expect(words).toContain("Loose black ankle boots");
    expect(await card?.$$("svg[role='img']")).not.toHaveLength(0);
    const box = await card?.boundingBox();
    expect(box?.height).toBeLessThan(((210 - 18) / 25.4) * 96);
    await page.emulateMediaType("screen");
    await page.evaluate(() => window.dispatchEvent(new Event("afterprint")));
    await page.waitForFunction(() => !document.querySelector("article[aria-label='Look card']"));
    expect(errors).toEqual([]);
  });
});

describe("the looks of a client", () => {
  it("stand side by side, as many as are chosen", async () => {
    const client = await clientCalled(page, site, "Ottoline Varga");
    await page.goto(`${site}/bench?client=${client}`);
    await answers(page, "#station-shoe");
    await page.keyboard.press("c");
    await named(page, "dialog", "Looks side by side");
    const figures = () => page.$$("[role='dialog'] ol > li svg[role='img']");
    expect(await figures()).toHaveLength(2);
    await page.$$eval("[aria-label='Compared with'] button[aria-pressed='false']", (all) => {
      for (const button of all) button.click();
    });
    await page.waitForFunction(() => document.querySelectorAll("[role='dialog'] ol > li").length > 2);
    expect((await figures()).length).toBe(await page.$$eval("[role='dialog'] ol > li", (all) => all.length));
    await sees(page, "It is worn on another base.");
    expect(await shows(page, "What it has otherwise")).toBe(true);
  });
});
