import { beforeAll, describe, expect, it } from "vitest";
import { axeFinds } from "../support/axe";
import { answers, choose, named, press, sees } from "../support/browser";
import { client, errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ about: "Ottoline Varga", axe: true });

const active = () => page.$eval('#stations [aria-selected="true"]', (node) => node.id);
const onBench = async () => {
  await page.goto(`${site}/bench?client=${client}`);
  await sees(page, /\d+ to choose from/);
};

describe("by keys", () => {
  beforeAll(() => page.setViewport({ width: 1280, height: 800 }));

  it("Tab leads past the tape first, and another place is arrived at in its content", async () => {
    await page.goto(`${site}/clients`);
    await named(page, "heading", "Clients");
    await page.keyboard.press("Tab");
    expect(await page.evaluate(() => document.activeElement?.textContent)).toBe("Skip to the content");
    await page.keyboard.press("Enter");
    expect(await page.evaluate(() => location.hash)).toBe("#content");
    await press(page, "link", "Rail");
    await page.waitForFunction(
      () => location.pathname === "/rail" && document.activeElement?.id === "content",
    );
  });

  it("a question mark shows the keys, wherever one is", async () => {
    for (const path of ["/", "/clients", "/rail", "/sets", "/boards", "/rules", "/put-away"]) {
      await page.goto(site + path);
      await answers(page, "#content h1");
      await page.keyboard.type("?");
      await named(page, "dialog", "Keys");
      await page.keyboard.press("Escape");
      await page.waitForFunction(() => !document.querySelector("[role=dialog]"));
    }
    await onBench();
    await page.keyboard.type("?");
    await named(page, "dialog", "Keys of the bench");
    await page.keyboard.press("Escape");
  });

  it("arrows move the station again after a choice in a list", async () => {
    await choose(page, "Occasion", "Radio studio");
    const before = await active();
    await page.keyboard.press("ArrowUp");
    await page.waitForFunction(
      (id) => document.querySelector('#stations [aria-selected="true"]')?.id !== id,
      {},
      before,
    );
    await page.keyboard.press("ArrowDown");
    expect(await active()).toBe(before);
  });

  it("Ctrl K does what the bench can do", async () => {
    await page.keyboard.down("Control");
    await page.keyboard.press("k");
    await page.keyboard.up("Control");
    await page.waitForSelector("[role=dialog] input");
    await page.keyboard.type("edit pass");
    await page.waitForFunction(() =>
      document.querySelector("[cmdk-item]")?.textContent?.includes("Edit pass"),
    );
    await page.keyboard.press("Enter");
    await named(page, "heading", "Edit pass");
    await page.keyboard.press("e");
  });
});

describe("what lies over the page", () => {
  it.each([
    ["n", "This look"],
    ["l", "Dressier or quieter"],
    ["s", "Keep as a set"],
    ["c", "Looks side by side"],
    ["?", "Keys of the bench"],
  ])("leaves nothing for axe: key %s", async (key, dialog) => {
    await page.keyboard.type(key);
    await named(page, "dialog", dialog);
    expect(await axeFinds(page)).toEqual([]);
    await page.keyboard.press("Escape");
    await page.waitForFunction(() => !document.querySelector("[role=dialog]"));
  });

  it.each([
    ["button", "More", "menuitem"],
    ["button", "Put on set", "menuitem"],
    ["combobox", "Base", "option"],
  ])("leaves nothing for axe: %s %s", async (role, name, within) => {
    await press(page, role, name);
    await page.waitForSelector(`#over-page [role=${within}]`);
    expect(await axeFinds(page)).toEqual([]);
    await page.keyboard.press("Escape");
    await page.waitForFunction(() => !document.querySelector("#over-page [role]"));
  });

  it("narrow the tray to the studio's kit and back, and leave nothing for axe there", async () => {
    const count = () =>
      page.$eval('[aria-label="Tray"]', (tray) =>
        Number(/(\d+) to choose from/.exec(tray.textContent ?? "")?.[1]),
      );
    const all = await count();
    await press(page, "button", "narrow");
    await named(page, "dialog", "Narrow the tray");
    expect(await axeFinds(page)).toEqual([]);
    await choose(page, "Whose", "the studio's kit");
    await expect.poll(count).toBeLessThan(all);
    await press(page, "button", "Show all of them");
    await expect.poll(count).toBe(all);
    await page.keyboard.press("Escape");
    await page.waitForFunction(() => !document.querySelector("[role=dialog]"));
  });

  it("say what the marks mean, and leave nothing for axe there", async () => {
    await press(page, "button", "What the marks mean");
    await named(page, "dialog", "What the marks mean");
    await sees(page, "Something is wrong: change it, or say why it is right here.");
    expect(await axeFinds(page)).toEqual([]);
    await page.keyboard.press("Escape");
    await page.waitForFunction(() => !document.querySelector("[role=dialog]"));
  });

  it("and the whole sets, leave nothing for axe nor for the console", async () => {
    await page.keyboard.press("Escape");
    await press(page, "button", "whole sets");
    await sees(page, "proved: the best of");
    expect(await axeFinds(page)).toEqual([]);
    expect(errors).toEqual([]);
  });
});

describe("a rule book", () => {
  it("lays out the figures of a rule only where the rule is opened", async () => {
    await page.goto(`${site}/rules`);
    await page.waitForSelector("details summary");
    const boxes = (within: string) => page.$$eval(`${within} input`, (inputs) => inputs.length);
    expect(await boxes("#content")).toBeLessThan(150);
    expect(await boxes("#content details")).toBe(0);
    await (await page.waitForSelector("details summary"))?.click();
    await page.waitForSelector("#content details[open] input");
  });

  it("and does so for one who opens it before the page's code has arrived", async () => {
    const early = await page.evaluateOnNewDocument(() => {
      document.addEventListener("DOMContentLoaded", () => {
        const sheet = document.querySelector<HTMLDetailsElement>("#content details");
        if (sheet) sheet.open = true;
      });
    });
    await page.goto(`${site}/rules`);
    await page.waitForSelector("#content details[open] input");
    await page.removeScriptToEvaluateOnNewDocument(early.identifier);
  });
});
