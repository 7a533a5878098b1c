import { beforeAll, describe, expect, it } from "vitest";
import { axeFinds } from "../support/axe";
import { answers, choose, named, press, sees } from "../support/browser";
import { client, errors, page, site, useDemoStudio } from "../support/demo-studio";

useDemoStudio({ about: "Ottoline Varga", axe: true });

/** A fingertip, px. */
const fingertip = 44;

/** What can be pressed and is smaller than a fingertip; of a row that is one target the whole row counts. */
function tooSmall(): Promise<string[]> {
  return page.evaluate((least) => {
    const targets =
      "a[href], button, select, summary, input, textarea, [role=option], [role=combobox], label";
    return [...document.querySelectorAll<HTMLElement>(targets)].flatMap((node) => {
      if (node.closest("[aria-hidden=true], .sr-only") || node.matches("[type=file], label:not(:has(input))"))
        return [];
      if (node.matches("input") && node.closest("label")) return [];
      const stretched = getComputedStyle(node, "::after").position === "absolute";
      const box = (stretched ? (node.offsetParent ?? node) : node).getBoundingClientRect();
      if (box.width === 0 || (box.width > least - 0.5 && box.height > least - 0.5)) return [];
      const name = node.getAttribute("aria-label") ?? node.textContent;
      return [`${node.tagName} ${Math.round(box.width)} x ${Math.round(box.height)} ${name.slice(0, 40)}`];
    });
  }, fingertip);
}

const active = () => page.$eval('#stations [aria-selected="true"]', (node) => node.id);
const onBench = async () => {
  await page.goto(`${site}/bench?client=${client}`);
  await sees(page, /\d+ to choose from/);
};

describe("by hand at 1024 x 768", () => {
  beforeAll(() => page.setViewport({ width: 1024, height: 768, hasTouch: true }));

  it.each([
    "/",
    "/clients",
    "/clients/CLIENT",
    "/clients/CLIENT/occasions",
    "/clients/CLIENT/figures",
    "/clients/CLIENT/journal",
    "/clients/CLIENT/papers",
    "/clients/CLIENT/whole",
    "/clients/CLIENT/papers/look-cards",
    "/clients/CLIENT/rules",
    "/clients/CLIENT/bases/new",
    "/clients/CLIENT/occasions/new",
    "/rail",
    "/rail/new",
    "/rail/many",
    "/start",
    "/bench",
    "/sets",
    "/boards",
    "/boards/sets",
    "/boards/base",
    "/boards/gaps",
    "/boards/measure",
    "/boards/ground",
    "/rules",
    "/put-away",
  ])("whatever can be pressed is as large as a fingertip: %s", async (path) => {
    await page.goto(site + path.replace("CLIENT", client));
    await page.waitForSelector("#content h1");
    expect(await tooSmall()).toEqual([]);
  });

  it("a tap shows a candidate on the figure, the next one puts it on, and undo takes it off", async () => {
    await onBench();
    const worn = () => page.$eval('[aria-label="Figure"] svg', (node) => node.getAttribute("aria-label"));
    const before = await worn();
    const bag = await page.waitForSelector("#station-bag");
    await bag?.tap();
    await page.waitForFunction(() => document.querySelectorAll('[id^="candidate-"]').length > 1);
    const plate = await page.waitForSelector('[data-index="1"]');
    await plate?.tap();
    await page.waitForSelector('[data-index="1"][aria-selected="true"]');
    const undo = await named(page, "button", "Undo");
    expect(await undo.evaluate((node) => node.getAttribute("aria-disabled"))).toBe("true");
    expect(await worn()).not.toBe(before);
    await plate?.tap();
    await page.waitForFunction(
      () => document.querySelector('[aria-label="Undo"]')?.getAttribute("aria-disabled") === "false",
    );
    await undo.tap();
    await page.waitForFunction(
      (words) => document.querySelector('[aria-label="Figure"] svg')?.getAttribute("aria-label") === words,
      {},
      before,
    );
    await (await named(page, "button", "Do again what was undone")).tap();
    await page.waitForFunction(
      (words) => document.querySelector('[aria-label="Figure"] svg')?.getAttribute("aria-label") !== words,
      {},
      before,
    );
  });

  it("the edit pass is begun and followed by taps", async () => {
    await (await named(page, "button", "edit pass")).tap();
    await sees(page, "without it");
    // Plates are drawn as they come near the window: what is worn is told by its names.
    const before = await page.$$eval("#stations [data-worn]", (worn) =>
      worn.map(({ textContent }) => textContent).join("; "),
    );
    const first = await page.waitForSelector(
      '::-p-xpath(//section[@aria-label="Tray"]//button[contains(., "without it")])',
    );
    await first?.tap();
    await page.waitForFunction(
      (was) => {
        const worn = [...document.querySelectorAll("#stations [data-worn]")];
        const now = worn.map(({ textContent }) => textContent).join("; ");
        return now !== was && now.length < was.length;
      },
      {},
      before,
    );
  });
});

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
